<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Text\Markup;

/** What names and titles are ordered by. */
final class SortKey
{
    private const ARTICLES = [
        'en' => 'a|an|the',
        'es' => 'el|la|los|las|un|una|unos|unas',
        'fr' => 'le|la|les|un|une|des',
        'de' => 'der|die|das|ein|eine',
        'it' => 'il|lo|la|i|gli|le|un|uno|una',
    ];

    /** A title without its initial article, in the title's own language (English where none is given). */
    public static function title(string $title, string $language): string
    {
        $articles = self::ARTICLES[strtolower(substr($language === '' ? 'en' : $language, 0, 2))] ?? '';
        $plain = (string) preg_replace('/^[^\p{L}\p{N}]+/u', '', Markup::plain($title));
        $rest = $articles === '' ? $plain : (string) preg_replace("/^(?:{$articles})\\s+(?=\\S)/iu", '', $plain);

        return (string) preg_replace("/^(?:l|un)['’](?=\\p{L})/iu", '', $rest);
    }

    /**
     * @param  bool  $initials  whether given names count by their initials
     * @return list<string> surname and given names, or the whole name
     */
    public static function name(Name $name, bool $initials): array
    {
        return match (true) {
            $name->kind === NameKind::Group => [(string) preg_replace('/^(?:the|an?)\s+(?=\S)/iu', '', $name->group)],
            $name->kind === NameKind::Screen && $name->family === '' && $name->group === '' => [ltrim($name->screen, '@')],
            $name->kind === NameKind::Screen && $name->group !== '' => [$name->group],
            default => [$name->surname(), $initials ? (string) preg_replace('/(\p{L})[\p{L}\p{M}’\']*\.?/u', '$1', $name->given) : Name::join($name->given, $name->dropping, $name->suffix)],
        };
    }
}
