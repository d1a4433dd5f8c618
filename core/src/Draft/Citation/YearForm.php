<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/**
 * Citations by name and year: "(Brook, 2014, p. 15)".
 *
 * Source: APA Publication Manual, 7th ed., 8.10 to 8.36.
 */
final class YearForm extends FormCheck
{
    /** The words before one number and before several. */
    private const WORDS = ['page' => ['p.', 'pp.'], 'paragraph' => ['para.', 'paras.']];

    protected function other(Cite $cite, KnownSource $source): string
    {
        return match (true) {
            $cite->years !== [] => '',
            $cite->places === [] => 'A citation here says the year after the name.',
            default => 'A citation here says the year after the name, and the page with “p.”',
        };
    }

    protected function form(Cite $cite, KnownSource $source): string
    {
        if ($cite->beforeYears !== ', ' && ! $cite->isNarrative && $cite->who !== '') {
            return 'A comma stands between the name and the year.';
        }
        if ($source->sharesSurname() && $source->groups === [] && ! self::hasInitial($cite)) {
            return 'Two authors on the page have this family name: initials tell them apart.';
        }
        $place = $cite->places[0] ?? null;

        return $place === null ? '' : $this->place($cite, $place);
    }

    protected function conjunction(Cite $cite): string
    {
        return $cite->isNarrative ? 'and' : '&';
    }

    protected function wantsPlace(KnownSource $source): bool
    {
        return true;
    }

    private function place(Cite $cite, Place $place): string
    {
        $wanted = preg_match('/^[\divxlc]/u', $place->value) === 1
            ? self::WORDS[$place->kind()][$place->isSeveral() ? 1 : 0] ?? ''
            : '';

        return match (true) {
            $wanted !== '' && $place->label === '' => 'A page has “p.” before its number here, several have “pp.”',
            $wanted !== '' && $place->label !== $wanted => "“{$wanted}” stands before the number here.",
            $place->label !== '' && ! str_contains($cite->beforePlaces, ',') => 'A comma stands between the year and '
                .'the place.',
            default => '',
        };
    }

    private static function hasInitial(Cite $cite): bool
    {
        return str_contains(trim($cite->names()->names[0] ?? ''), ' ');
    }
}
