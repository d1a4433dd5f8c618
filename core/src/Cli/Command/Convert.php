<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Losses;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unused;

/**
 * `bibrel convert --from F --to F`: sources from one format into another; what was read and found no field, and what
 * the
 * other format has no place for, is said on standard error.
 */
final class Convert implements Command
{
    public static function usage(): string
    {
        return '--from F --to csl-json|bibtex|ris|json [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['from', 'to']);
        $to = $arguments->required('to');
        $formats = Formats::writing();
        $format = $formats[$to]
            ?? throw new UsageError(
                "“{$to}” is not a format to write. Use one of: ".implode(', ', array_keys($formats)).'.',
            );
        $sources = (new Input($arguments))->sources();
        foreach ($sources as $n => $source) {
            $name = $source->id === '' ? 'Source '.($n + 1) : $source->id;
            $unused = (new Unused($source))->names();
            if ($unused !== []) {
                fwrite(STDERR, "{$name}: no field takes ".implode(', ', $unused).".\n");
            }
            $lost = $format instanceof ReadsSources ? (new Losses($source))->in($format) : [];
            if ($lost !== []) {
                fwrite(STDERR, "{$name}: {$to} has no place for ".implode('; ', $lost).".\n");
            }
        }

        return $format->write($sources);
    }
}
