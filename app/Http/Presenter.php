<?php

declare(strict_types=1);

namespace Bibrel\App\Http;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Check\Check;
use Bibrel\Core\Check\Point;
use Bibrel\Core\Cite\Mention;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Read\Citation\Comparison;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Shown;
use Bibrel\Core\Style\Standing;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Write\PlainText;

/** The JSON the interface reads. */
final class Presenter
{
    /** @return array<string, mixed> */
    public static function settings(Paper $paper): array
    {
        return ['id' => $paper->id, 'title' => $paper->title, 'style' => $paper->style, 'course' => $paper->courseRules()->toArray(), 'surname' => $paper->surname, 'head' => ['text' => $paper->runningHead()->text, 'atLeft' => $paper->runningHead()->atLeft], 'version' => $paper->version];
    }

    /** @return array<string, mixed> */
    public static function paper(Paper $paper): array
    {
        return [
            ...self::settings($paper),
            'sources' => self::sources($paper),
            'page' => self::page($paper->page(), $paper->styleInUse()),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function sources(Paper $paper): array
    {
        $doubles = Check::doubles(array_values($paper->sources->map(static fn (SourceRecord $record): Source => $record->source())->all()));

        return array_values($paper->sources->map(static function (SourceRecord $record) use ($paper, $doubles): array {
            $shown = self::source($record, $paper->styleInUse());

            return isset($doubles[$record->id]) ? [...$shown, 'points' => [...$shown['points'], $doubles[$record->id]->toArray()]] : $shown;
        })->all());
    }

    /** @return array<string, mixed> */
    public static function source(SourceRecord $record, Style $style): array
    {
        $source = $record->source();

        return ['id' => $record->id, 'version' => $record->version, 'source' => $source->toArray(), 'reading' => $record->reading, 'points' => self::points($source, $style)];
    }

    /**
     * A citation somebody else made beside our own entry of the same source.
     *
     * @return array<string, mixed>
     */
    public static function compared(string $pasted, Reading $citation, Style $paperStyle): array
    {
        // It is held against the rules it was written by, whatever the paper's own style.
        $family = FinishedCitation::family($pasted);
        $style = $paperStyle->family() === $family ? $paperStyle : Styles::get($family === 'apa' ? 'apa-7' : 'mla-9');
        $source = $citation->source();
        $runs = $style->entry($source, new CourseRules(Shown::Auto), new Standing);

        return [
            'style' => $style->label(),
            'kind' => $source->kind->label,
            'ours' => array_map(static fn (Run $run): array => [$run->text, $run->italic ? 1 : 0], $runs),
            'stretches' => Comparison::of($pasted, $runs),
            'doubts' => array_map(static fn (Remark $remark): array => $remark->toArray(), $citation->remarks),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function points(Source $source, Style $style): array
    {
        return array_map(static fn (Point $point): array => $point->toArray(), Check::source($source, $style, (int) date('Ymd')));
    }

    /**
     * @param  string  $cited  the id of the source whose in-text forms are wanted
     * @param  Mention  $mention  where in the source, and whose words it passes on
     * @return array<string, mixed>
     */
    public static function page(Page $page, Style $style, string $cited = '', Mention $mention = new Mention): array
    {
        return [
            'heading' => $page->heading,
            'headingIsBold' => $page->headingIsBold,
            'family' => $page->family,
            'entries' => array_map(static fn (PageEntry $entry): array => [
                'id' => $entry->source->id,
                'runs' => array_map(static fn (Run $run): array => [$run->text, $run->italic ? 1 : 0, $run->field, $run->rule], $entry->runs),
                'annotation' => $entry->annotation(),
                ...($entry->source->id === $cited ? self::citation($entry, $style, $mention) : []),
            ], $page->entries),
            'leftOut' => array_map(static fn (PageEntry $entry): array => [
                'id' => $entry->source->id,
                'sentence' => 'Not on the page: '.$style->label().' cites such a source in the text only, as '.PlainText::line($style->citation($entry->source, new Mention, $entry->standing)).'.',
            ], $page->leftOut),
        ];
    }

    /** @return array{citation: list<array{string, int}>, narrative: list<array{string, int}>} text in pieces, italic or not */
    private static function citation(PageEntry $entry, Style $style, Mention $mention): array
    {
        $line = static fn (bool $narrative): array => array_map(
            static fn (Run $run): array => [$run->text, $run->italic ? 1 : 0],
            $style->citation($entry->source, new Mention($mention->locator, $narrative, $mention->quoted, $mention->quotedYear, $mention->first), $entry->standing),
        );

        return ['citation' => $line(false), 'narrative' => $line(true)];
    }
}
