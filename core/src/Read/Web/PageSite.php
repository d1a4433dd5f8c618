<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Shape;

/** What the site around a page is called, out of what its data, its tab's name and its copyright line say. */
final class PageSite
{
    /**
     * A site does not bear the title of one of its pages. Where the page names no site, whoever states that they publish
     * it is the best that is known.
     *
     * @param  list<Finding>  $names
     * @param  list<Finding>  $publishers
     * @return list<Finding>
     */
    public static function settled(array $names, array $publishers, Document $page, string $kind): array
    {
        $heading = $page->text($page->heading());
        $names = array_values(array_filter($names, static fn (Finding $one): bool => $heading === '' || $one->text() !== $heading));
        $isNamed = array_filter($names, static fn (Finding $one): bool => $one->confidence !== Confidence::Guess) !== [];
        if ($isNamed || ! in_array(Kinds::all()->get($kind)->shape, [Shape::Online, Shape::Article], true)) {
            return $names;
        }
        $stated = array_filter($publishers, static fn (Finding $one): bool => $one->confidence === Confidence::Stated);

        return [...array_map(static fn (Finding $one): Finding => new Finding('containers.0.title', $one->value, $one->evidence, Confidence::Likely), array_values($stated)), ...$names];
    }
}
