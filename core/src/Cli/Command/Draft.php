<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Draft\Citation\Checked;
use Bibrel\Core\Draft\Citation\CitationIssue;
use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\DraftReport;
use Bibrel\Core\Draft\Format\DraftFile;

/** `bibrel draft --style S --draft DRAFT`: the citations of a draft, held against its sources. */
final class Draft implements Command
{
    public static function usage(): string
    {
        return '--style S --draft DRAFT.docx|.odt|.txt [--from F] [--as text|json] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'draft', 'from', 'as', 'accessed']);
        $input = new Input($arguments);
        $page = $input->page();
        $report = (new DraftCheck($page, $input->style()))->report(
            (new DraftFile($arguments->bytes('draft')))->draft(),
        );

        return match ($arguments->get('as', 'text')) {
            'json' => json_encode(
                $report->toArray(),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
            'text' => self::text($report),
            default => throw new UsageError("“{$arguments->get('as')}” is not a way to print. Use text or json."),
        };
    }

    private static function text(DraftReport $report): string
    {
        $lines = array_map(static function (Checked $one): string {
            $issues = implode(
                ' ',
                array_map(static fn (CitationIssue $issue): string => "{$issue->id}: {$issue->sentence}", $one->issues),
            );
            $right = $one->right === '' ? '' : ' Right: '.html_entity_decode(strip_tags($one->right));

            return 'paragraph '.($one->found->in->place + 1).": {$one->found->text} → "
                .(implode(', ', $one->sources) ?: 'nothing on the page').($issues === '' ? '' : "; {$issues}{$right}");
        }, $report->citations);
        foreach ($report->uncited as $id) {
            $lines[] = "never cited: {$id}";
        }
        foreach ($report->layout as $issue) {
            $places = implode(', ', array_map(static fn (int $one): int => $one + 1, $issue->paragraphs));
            $lines[] = "the paper: {$issue->id}: {$issue->sentence}".($places === '' ? '' : " (paragraph {$places})");
        }

        return $lines === [] ? '' : implode("\n", $lines)."\n";
    }
}
