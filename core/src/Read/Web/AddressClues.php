<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;

/** What the address itself lets one guess: the site's name, and a date in the path. */
final class AddressClues implements Clues
{
    public function in(Document $page): array
    {
        $path = (string) parse_url($page->url, PHP_URL_PATH);
        $date = preg_match('~/(\d{4})/(\d{1,2})(?:/(\d{1,2}))?(?:/|$)~', $path, $m) === 1 && (int) $m[1] > 1990
            ? $m[1].'-'.sprintf('%02d', (int) $m[2]).(isset($m[3]) && $m[3] !== '' ? '-'.sprintf('%02d', (int) $m[3]) : '')
            : '';

        return [
            ...Make::date($date, 'Guessed from the address.', Confidence::Guess),
            ...Make::text('containers.0.title', $page->host(), 'The host in the address; the page does not say what its site is called.', Confidence::Guess),
        ];
    }
}
