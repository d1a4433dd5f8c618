<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\TitleCase;

/** Titles as copied: capitals, quotation marks, the site's name, a full stop. */
final class TitleChecks implements Checks
{
    public function on(Source $source): array
    {
        $title = $source->title->main;
        if ($title === '') {
            return [];
        }
        $points = [];
        if (Letters::isAllCapitals($title) && str_contains($title, ' ')) {
            $points[] = self::point('title-capitals', 'The title stands in capitals throughout.', 'Set it in headline case', TitleCase::fromCapitals($title));
        } elseif (mb_strtolower($title) === $title && $source->isEnglish() && preg_match('/\p{L}{3}.*\s\p{L}{3}/u', $title) === 1 && ! $source->title->described) {
            $points[] = new Point('title-lower-case', 'title.main', 'The title has no capitals. Names in it need theirs; the style sets the others.');
        }
        if (preg_match('/^["“](.+)["”]$/us', $title, $m) === 1 && preg_match('/["“”]/u', $m[1]) !== 1) {
            $points[] = self::point('title-quotes', 'The title was typed with quotation marks; the style sets its own.', 'Take them off', $m[1]);
        }
        $tidy = SiteTitle::tidy($title, [$source->container()->title]);
        if ($tidy->removed !== '') {
            $points[] = self::point('title-site', "The site’s name is stuck to the title (“{$tidy->removed}”).", 'Take it off', $tidy->title);
        }
        if (preg_match('/\s[,;:.?!](?:\s|$)/u', $title) === 1 && $source->isEnglish()) {
            $points[] = self::point('title-spaces', 'There is a space before a punctuation mark in the title.', 'Close it up', (string) preg_replace('/\s+([,;:.?!])(?=\s|$)/u', '$1', $title));
        }
        if (preg_match('/(?<!\.)(?<!\b\p{Lu})(?<!etc)\.$/u', $title) === 1) {
            $points[] = self::point('title-stop', 'The title ends with a full stop; the style sets its own.', 'Take it off', rtrim($title, '.'));
        }

        return $points;
    }

    private static function point(string $id, string $sentence, string $mend, string $to): Point
    {
        return new Point($id, 'title.main', $sentence, $to, $mend, $to);
    }
}
