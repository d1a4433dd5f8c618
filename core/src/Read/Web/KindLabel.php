<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\TypeWords;

/** What a page calls the kind of thing it shows: by a label ("Object type: Photograph"), or in words alone near the title ("JOURNAL ARTICLE"). */
final class KindLabel
{
    private const LABELS = ['source type', 'type', 'document type', 'medium', 'physical description'];

    /** How many blocks before and after the title such words may stand. */
    private const NEAR = 4;

    /** @return string a kind; '' where the page calls it nothing that names one */
    public static function of(Document $page): string
    {
        foreach (self::LABELS as $name) {
            $kind = (new TypeWords($page->labels()->value($name)))->kind();
            if ($kind !== '') {
                return $kind;
            }
        }
        $heading = $page->headingBlock();
        $from = max(0, $heading - self::NEAR);
        foreach (array_slice($page->blocks(), $from, $heading - $from + self::NEAR) as $block) {
            // Menus name kinds as well, by one word.
            if ($block['tag'] === 'p' && preg_match('/\p{L}[ -](?:article|paper)$|^(?:dataset|data set|preprint)$/iu', $block['text']) === 1) {
                return (new TypeWords($block['text']))->kind();
            }
        }

        return '';
    }
}
