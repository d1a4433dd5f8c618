<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartOfBook;
use Bibrel\Core\Source\Source;
use PHPUnit\Framework\TestCase;

final class PartOfBookTest extends TestCase
{
    public function test_the_author_goes_with_the_part_and_the_editor_with_the_whole(): void
    {
        $part = (new PartOfBook(Source::fromArray([
            'id' => 'a', 'kind' => 'book', 'title' => ['main' => 'Moonpower', 'subtitle' => 'mills of the tidal coast'],
            'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']], ['role' => 'editor', 'name' => ['given' => 'Noor', 'family' => 'Castellan']]],
            'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']],
        ], Kinds::all())))->source();
        $names = static fn (array $some): array => array_map(static fn (Contributor $one): string => $one->name->direct(), $some);
        self::assertSame(['chapter', '', 'Moonpower: mills of the tidal coast', 'Quayside Press'], [$part->kind->id, $part->title->main, $part->container()->title, $part->container()->publisher]);
        self::assertSame([['Halima Brook'], ['Noor Castellan']], [$names($part->contributors), $names($part->container()->contributors)]);
    }
}
