<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nothing changes by accident. `bin/golden` shows the differences; `bin/golden --accept` writes wanted ones down. */
final class GoldenTest extends TestCase
{
    #[DataProvider('files')]
    public function test_results_are_what_they_were(string $name): void
    {
        $then = explode("\n", rtrim((string) file_get_contents(Golden::FOLDER."/{$name}")));
        $now = iterator_to_array(Golden::files()[$name](), false);
        $changed = array_slice(array_diff($now, $then), 0, 5);

        self::assertSame([], $changed, 'bin/golden shows what changed.');
        self::assertCount(count($then), $now);
    }

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (array_keys(Golden::files()) as $name) {
            yield $name => [$name];
        }
    }
}
