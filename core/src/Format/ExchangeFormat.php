<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

/**
 * A format in which sources travel between programs; it also reads (ReadsSources), writes (WritesSources), or both. A
 * class in core/src/Format/Exchange that implements this is an exchange format: the command line, the routes and the
 * menu find it there.
 */
interface ExchangeFormat
{
    /** By which the command line and addresses name it: "bibtex". */
    public function id(): string;

    /** What the trade calls it: "BibTeX". */
    public function label(): string;

    public function mediaType(): string;

    /** How its files end: "bib". */
    public function extension(): string;

    /** Where it stands among the others: the lowest first. */
    public function rank(): int;
}
