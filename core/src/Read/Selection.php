<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Text;

/** Words somebody selected on a page, made fit for the field they are to go into. */
final class Selection
{
    /**
     * @param  string  $field  the path of the field
     * @param  string  $site  what the site is called, to take it off a title
     * @return string|list<Contributor>
     */
    public static function tidied(string $field, string $text, string $site): string|array
    {
        $text = Text::line($text);
        if (str_ends_with($field, 'contributors')) {
            return Bylines::contributors($text);
        }
        if ($field === 'title.main' || str_ends_with($field, '.title')) {
            return SiteTitle::tidy(trim($text, '“”"'), $field === 'title.main' ? [$site] : [])->title;
        }
        if (str_ends_with($field, '.date') || $field === 'accessed') {
            $date = (string) preg_replace('/^(?:published|posted|released|updated|on|date)\s*(?:on|:)?\s+/iu', '', $text);

            return PartialDate::parse($date)->isDate() ? PartialDate::parse($date)->words() : $text;
        }
        if (str_ends_with($field, '.publisher')) {
            return trim((string) preg_replace('/^(?:©|\(c\)|copyright|published by:?|publisher:?)\s*(?:\d{4}(?:\s*[-–]\s*\d{4})?)?\s*|\s*\.?\s*all rights reserved\.?$/iu', '', $text), ' .,');
        }

        return rtrim($text, ' ,;');
    }
}
