<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Style\Apa\Apa;
use Bibrel\Core\Style\Mla\Mla;

/** The editions there are, the one most used first. */
final class Styles
{
    /** @var ?array<string, Style> */
    private static ?array $all = null;

    /** @return array<string, Style> by id */
    public static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([new Mla(9), new Apa(7), new Mla(8), new Mla(7), new Apa(6)] as $style) {
                self::$all[$style->id()] = $style;
            }
        }

        return self::$all;
    }

    /** @throws UnknownStyle */
    public static function get(string $id): Style
    {
        return self::all()[strtolower($id)] ?? throw new UnknownStyle($id, array_keys(self::all()));
    }

    /** @return array<string, Style> the newest edition of each family */
    public static function families(): array
    {
        $newest = [];
        foreach (self::all() as $style) {
            $newest[$style->family()] ??= $style;
        }

        return $newest;
    }

    /** The style at hand where it is of a family, else that family's newest edition. */
    public static function ofFamily(string $family, Style $atHand): Style
    {
        return [...self::families(), $atHand->family() => $atHand][$family];
    }
}
