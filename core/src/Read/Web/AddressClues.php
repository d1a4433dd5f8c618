<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\PartialDate;

/** What the address itself lets one guess: the site's name, and a date in the path. */
final class AddressClues implements EvidenceReader
{
    public function read(Document $page): array
    {
        $path = (string) parse_url($page->url, PHP_URL_PATH);
        $date = preg_match('~/(\d{4})(?|/(\d{1,2})(?:/(\d{1,2}))?|-(\d\d)-(\d\d))(?:/|$)~', $path, $m) === 1 && (int) $m[1] > 1600
            ? $m[1].'-'.sprintf('%02d', (int) $m[2]).(isset($m[3]) ? '-'.sprintf('%02d', (int) $m[3]) : '')
            : '';

        $shown = $date !== '' && self::shows($page, $date);
        $guess = static fn (FieldPath $field, string $value, string $where): Finding => new Finding($field, $value, new Evidence($where, $value, isAddress: true), Confidence::Guess);

        return [
            // Long before the web only a day the page shows as well is one.
            ...($date === '' || ! PartialDate::parse($date)->isDate() || ! $shown && (int) $date < 1990 ? [] : [$shown
                ? new Finding(ContainerField::Date->at(), PartialDate::parse($date)->words(), new Evidence('The page shows this day, and the address the year with it.', $date, true), Confidence::Likely)
                : $guess(ContainerField::Date->at(), PartialDate::parse($date)->words(), 'Guessed from the address.')]),
            ...($page->host() === '' ? [] : [$guess(ContainerField::Title->at(), $page->host(), 'The host in the address; the page does not say what its site is called.')]),
        ];
    }

    /** Whether the day stands near the heading, be it without its year or as that of a change: "March 18 at 3:57 PM". */
    private static function shows(Document $page, string $date): bool
    {
        $parsed = PartialDate::parse($date);
        if ($parsed->day === null) {
            return false;
        }
        $month = date('M', mktime(0, 0, 0, (int) $parsed->month, 1, 2001) ?: 0);
        foreach (array_slice($page->blocks(), max(0, $page->headingBlock() - 3), 24) as $block) {
            if (mb_strlen($block['text']) < 120 && preg_match("/\\b(?:{$month}[a-z]*\\.? 0?{$parsed->day}|0?{$parsed->day} {$month}[a-z]*)\\b(?!,? ?(?!{$parsed->year})\\d{4})/i", $block['text']) === 1) {
                return true;
            }
        }

        return false;
    }
}
