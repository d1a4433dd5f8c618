<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Vocabulary;

/** What names and titles are ordered by. */
final class SortKey
{
    /** A title without its initial article, in the title's own language (English where none is given). */
    public static function title(string $title, string $language): string
    {
        $own = strtolower(substr($language === '' ? 'en' : $language, 0, 2));
        $articles = implode('|', Vocabulary::all()->in($own, 'articles'));
        $plain = (new Markup($title))->plain();
        if (! ctype_alpha($plain[0] ?? '')) {
            $plain = (string) preg_replace('/^[^\p{L}\p{N}]+/u', '', $plain);
        }
        $rest = $articles === '' ? $plain : (string) preg_replace("/^(?:{$articles})\\s+(?=\\S)/iu", '', $plain);

        return ! str_contains($rest, "'") && ! str_contains($rest, '’')
            ? $rest
            : (string) preg_replace('/^(?:'.Vocabulary::all()->pattern('elided').")['’](?=\\p{L})/iu", '', $rest);
    }

    /** What an entry without an author begins with: its title, or the address where that is all there is. */
    public static function work(Source $source): string
    {
        $title = $source->title->full();
        $address = $title === '' ? $source->container()->url : '';

        return $address === '' ? self::title($title, $source->language) : (new WebAddress($address))->bare();
    }

    /**
     * @param  bool  $initials  whether given names count by their initials
     * @return list<string> surname and given names, or the whole name
     */
    public static function name(Name $name, bool $initials): array
    {
        return match (true) {
            $name->kind === NameKind::Group => [(string) preg_replace('/^(?:'.implode('|', Vocabulary::all()->in('en', 'articles')).')\s+(?=\S)/iu', '', $name->group)],
            $name->kind === NameKind::Screen && $name->family === '' && $name->group === '' => [ltrim($name->screen, '@')],
            $name->kind === NameKind::Screen && $name->group !== '' => [$name->group],
            default => [
                // "Van Dyke" stands where "Vandyke" would.
                str_replace(' ', '', $name->surname()),
                $initials
                    ? (string) preg_replace('/(\p{L})[\p{L}\p{M}’\']*\.?/u', '$1', $name->given)
                    : Name::join($name->given, $name->dropping, $name->suffix),
            ],
        };
    }
}
