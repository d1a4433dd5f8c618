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
    public function namesYears(): bool
    {
        return true;
    }

    protected function other(Cite $cite, KnownSource $source): string
    {
        if ($cite->years !== []) {
            return '';
        }

        return 'A citation here says the year after the name'.($cite->places === [] ? '.' : ', and the page with “p.”');
    }

    protected function form(Cite $cite, KnownSource $source): string
    {
        if ($cite->beforeYears !== ', ' && ! $cite->isNarrative && $cite->who !== '') {
            return 'A comma stands between the name and the year.';
        }
        if ($source->sharesSurname() && ! $this->hasInitial($cite) && $source->groups === []) {
            return 'Two authors on the page have this family name: initials tell them apart.';
        }
        $place = $cite->places[0] ?? null;
        if ($place === null) {
            return '';
        }
        $label = rtrim(mb_strtolower($place->label), '.');
        $isNumber = preg_match('/^[\divxlc]/u', $place->value) === 1 && in_array($place->kind(), ['page', 'paragraph'], true);
        $wanted = match (true) {
            ! $isNumber => '',
            $place->kind() === 'paragraph' => $place->isSeveral() ? 'paras.' : 'para.',
            default => $place->isSeveral() ? 'pp.' : 'p.',
        };

        return match (true) {
            $wanted !== '' && $place->label === '' => 'A page has “p.” before its number here, several have “pp.”',
            $wanted !== '' && $label !== rtrim($wanted, '.') => "“{$wanted}” stands before the number here.",
            $wanted !== '' && ! str_ends_with($place->label, '.') => "“{$wanted}” has a full stop.",
            $place->label !== '' && ! str_contains($cite->beforePlaces, ',') => 'A comma stands between the year and the place.',
            default => '',
        };
    }

    protected function conjunction(Cite $cite): string
    {
        return $cite->isNarrative ? 'and' : '&';
    }

    protected function wantsPlace(KnownSource $source): bool
    {
        return true;
    }

    private function hasInitial(Cite $cite): bool
    {
        return str_contains(trim((new NameWords($cite->who))->names[0] ?? ''), ' ');
    }
}
