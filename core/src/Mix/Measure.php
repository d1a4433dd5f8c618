<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

use Bibrel\Core\Source\Source;

/** A question that parts the sources of a paper into sorts. */
interface Measure
{
    public function id(): string;

    public function label(): string;

    /**
     * The sorts there are, in the order one reads them in; none where each source brings its own, and the largest
     * come first.
     *
     * @return array<string, string> labels by id
     */
    public function sorts(): array;

    /** @return string the id of the sort a source is of, or, where each source brings its own, its label */
    public function of(Source $source): string;
}
