<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Text;

/** Words somebody selected on a page, made fit for the field they are to go into. */
final class Selection
{
    /**
     * @param  FieldPath  $field  where they are to go
     * @param  string  $site  what the site is called, to take it off a title
     * @return string|list<Contributor>
     */
    public static function tidied(FieldPath $field, string $text, string $site): string|array
    {
        $text = Text::line($text);
        if ($field->isPeople()) {
            return (new NameList($text))->people() ?: Bylines::contributors($text);
        }
        if ($field === FieldPath::title() || $field->field === ContainerField::Title) {
            return SiteTitle::tidy(trim($text, '“”"'), $field === FieldPath::title() ? [$site] : [])->title;
        }
        if ($field->isDate()) {
            $date = (string) preg_replace(
                '/^(?:published|posted|released|updated|on|date)\s*(?:on|:)?\s+/iu',
                '',
                $text,
            );

            return PartialDate::parse($date)->isDate() ? PartialDate::parse($date)->words() : $text;
        }
        if ($field->field === ContainerField::Publisher) {
            return trim(
                (string) preg_replace(

                    '/^(?:©|\(c\)|copyright|published by:?|publisher:?)\s*(?:\d{4}(?:\s*[-–]\s*\d{4})?)?\s*|\s*\.?\s*all rights reserved\.?$/iu',
                    '',
                    $text,
                ),
                ' .,',
            );
        }

        return rtrim($text, ' ,;');
    }
}
