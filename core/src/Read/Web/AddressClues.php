<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\PartialDate;

/** What the address itself lets one guess: the site's name, and a date in the path. */
final class AddressClues implements Clues
{
    public function in(Document $page): array
    {
        $path = (string) parse_url($page->url, PHP_URL_PATH);
        $date = preg_match('~/(\d{4})/(\d{1,2})(?:/(\d{1,2}))?(?:/|$)~', $path, $m) === 1 && (int) $m[1] > 1990
            ? $m[1].'-'.sprintf('%02d', (int) $m[2]).(isset($m[3]) ? '-'.sprintf('%02d', (int) $m[3]) : '')
            : '';

        $guess = static fn (string $field, string $value, string $where): Finding => new Finding($field, $value, new Evidence($where, $value, isAddress: true), Confidence::Guess);

        return [
            ...($date === '' || ! PartialDate::parse($date)->isDate() ? [] : [$guess('containers.0.date', PartialDate::parse($date)->words(), 'Guessed from the address.')]),
            ...($page->host() === '' ? [] : [$guess('containers.0.title', $page->host(), 'The host in the address; the page does not say what its site is called.')]),
        ];
    }
}
