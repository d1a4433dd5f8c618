<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/**
 * Citations by name and page: "(Brook 15)".
 *
 * Source: MLA Handbook, 9th ed., 6.1 to 6.30.
 */
final class PageForm extends FormCheck
{
    private const NO_YEAR = 'The year is not part of a citation here: the name and the page are enough.';

    /** Places that stand as bare numbers after a name. */
    private const BARE = ['act', 'scene', 'page'];

    protected function other(Cite $cite, KnownSource $source): string
    {
        $place = $cite->places[0] ?? null;
        $isYear = $place !== null && $place->couldBeYear() && $source->isOfYear($place->value);

        return $cite->years !== [] || $isYear ? self::NO_YEAR : '';
    }

    protected function form(Cite $cite, KnownSource $source): string
    {
        $place = $cite->places[0] ?? null;
        if ($place === null) {
            return '';
        }
        $hasComma = str_contains($cite->beforePlaces, ',');

        return match (true) {
            $place->label !== '' && $place->kind() === 'page' => 'A page stands as a number alone, without “p.”',
            $place->label === '' && $hasComma => 'No comma stands between the name and the page.',
            ! $hasComma && self::wantsComma($cite, $place) => 'Before “'.rtrim($place->label, '.')
                .'.” a comma stands after the name.',
            default => '',
        };
    }

    protected function conjunction(Cite $cite): string
    {
        return 'and';
    }

    protected function wantsPlace(KnownSource $source): bool
    {
        return $source->isPaginated;
    }

    private static function wantsComma(Cite $cite, Place $place): bool
    {
        return $place->label !== '' && ! in_array($place->kind(), self::BARE, true)
            && $cite->who !== '' && ! $cite->isNarrative;
    }
}
