<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Style\Apa\Apa;
use Bibrel\Core\Style\Mla\Mla;

/** The editions there are. */
final class Styles
{
    /** @return array<string, Style> */
    public static function all(): array
    {
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach ([new Mla(9), new Apa(7), new Mla(8), new Mla(7), new Apa(6)] as $style) {
                $all[$style->id()] = $style;
            }
        }

        return $all;
    }

    /** @throws UnknownStyle */
    public static function get(string $id): Style
    {
        return self::all()[strtolower($id)] ?? throw new UnknownStyle($id, array_keys(self::all()));
    }
}
