<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** The paper a page is handed in on. */
enum PaperSize: string
{
    case Letter = 'letter';
    case A4 = 'a4';

    /** In twentieths of a point, 1440 to the inch. */
    public function width(): int
    {
        return $this === self::Letter ? 12240 : 11906;
    }

    /** In twentieths of a point, 1440 to the inch. */
    public function height(): int
    {
        return $this === self::Letter ? 15840 : 16838;
    }

    /** Between margins of an inch, in twentieths of a point. */
    public function textWidth(): int
    {
        return $this->width() - 2880;
    }
}
