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
    public function namesYears(): bool
    {
        return false;
    }

    protected function other(Cite $cite, KnownSource $source): string
    {
        return $cite->years === [] ? '' : 'The year is not part of a citation here: the name and the page are enough.';
    }

    protected function form(Cite $cite, KnownSource $source): string
    {
        $place = $cite->places[0] ?? null;
        if ($place === null) {
            return '';
        }
        if ($place->couldBeYear() && str_starts_with($source->published(), rtrim($place->value, 'abcdefgh'))) {
            return 'The year is not part of a citation here: the name and the page are enough.';
        }
        if ($place->label !== '' && $place->kind() === 'page') {
            return 'A page stands as a number alone, without “p.”';
        }
        $hasComma = str_contains($cite->beforePlaces, ',');
        if ($hasComma && $place->label === '') {
            return 'No comma stands between the name and the page.';
        }
        $isPage = $place->label === '' || in_array($place->kind(), ['act', 'scene', 'page'], true);
        if (! $hasComma && ! $isPage && $cite->who !== '' && ! $cite->isNarrative) {
            return 'Before “'.rtrim($place->label, '.').'.” a comma stands after the name.';
        }

        return '';
    }

    protected function conjunction(Cite $cite): string
    {
        return 'and';
    }

    protected function wantsPlace(KnownSource $source): bool
    {
        return $source->isPaginated;
    }
}
