<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\SentenceCase;
use Bibrel\Core\Text\TitleLanguage;

/** Titles as copied: capitals, quotation marks, the site's name, a full stop. */
final readonly class TitleChecks implements Checks
{
    public function __construct(private ?Style $style)
    {
    }

    public function on(Source $source): array
    {
        $title = $source->title->main;
        if ($title === '') {
            return [];
        }
        $site = SiteTitle::tidy($title, [$source->container()->title]);

        return array_values(array_filter([
            ...$this->names($source),
            self::language($source),
            self::letters($source),
            preg_match('/^["“](.+)["”]$/us', $title, $m) === 1 && preg_match('/["“”]/u', $m[1]) !== 1
                ? self::issue(
                    'title-quotes',
                    'The title was typed with quotation marks; the style sets its own.',
                    'Take them off',
                    $m[1],
                ) : null,
            $site->removed !== ''
                ? self::issue(
                    'title-site',
                    "The site’s name is stuck to the title (“{$site->removed}”).",
                    'Take it off',
                    $site->title,
                ) : null,
            preg_match('/\s[,;:.?!](?:\s|$)/u', $title) === 1 && $source->isEnglish()
                ? self::issue(
                    'title-spaces',
                    'There is a space before a punctuation mark in the title.',
                    'Close it up',
                    (string) preg_replace('/\s+([,;:.?!])(?=\s|$)/u', '$1', $title),
                ) : null,
            preg_match('/(?<!\.)(?<!\b\p{Lu})(?<!etc)\.$/u', $title) === 1
                ? self::issue(
                    'title-stop',
                    'The title ends with a full stop; the style sets its own.',
                    'Take it off',
                    rtrim($title, '.'),
                ) : null,
        ]));
    }

    /**
     * Words that may be names or not, in a style that writes only names with a capital: the likelier form stands until
     * somebody says otherwise.
     *
     * @return list<Issue>
     */
    private function names(Source $source): array
    {
        $isSentence = ($this->style?->titleCase($source) ?? LetterCase::Kept) === LetterCase::Sentence;
        $title = $source->title;
        $issues = [];
        foreach ($isSentence ? (new SentenceCase($title->full(), settled: $title->settled()))->doubts : [] as $word) {
            $isKept = Letters::hasCapital($word);
            $other = $isKept ? mb_strtolower($word) : Letters::capital($word);
            $issues[] = new Issue(
                "title-name:{$word}",
                FieldPath::title(),
                $isKept
                    ? "Is “{$word}” a name in this title? It keeps its capital until you say that it is a common word."
                    : "Is “{$other}” part of a name in this title? It is written small until you say that it is.",
                fix: new Fix("Write “{$other}”", $title->namesWith($other), FieldPath::titleNames()),
                about: $word,
                otherFix: new Fix(
                    $isKept ? 'It is a name' : 'It is none',
                    $title->namesWith($word),
                    FieldPath::titleNames(),
                ),
            );
        }

        return $issues;
    }

    /** A title in another language, which nobody said. */
    private static function language(Source $source): ?Issue
    {
        $code = $source->language === '' ? (new TitleLanguage($source->title->full()))->code() : '';
        $name = $code === '' ? '' : (string) \Locale::getDisplayLanguage($code, 'en');

        return $code === '' ? null : new Issue(
            'title-language',
            FieldPath::title(),
            "The title looks {$name}, so its capitals are kept as they stand.",
            Severity::Hint,
            new Fix("It is in {$name}", $code, FieldPath::language()),
        );
    }

    /** A title in capitals throughout, or in none. */
    private static function letters(Source $source): ?Issue
    {
        $title = $source->title->main;
        if (Letters::isAllCapitals($title) && str_contains($title, ' ')) {
            return self::issue(
                'title-capitals',
                'The title stands in capitals throughout.',
                'Set it in headline case',
                (new HeadlineCase($title))->text(),
            );
        }
        $isPlain = mb_strtolower($title) === $title && preg_match('/\p{L}{3}.*\s\p{L}{3}/u', $title) === 1;

        return $isPlain && $source->isEnglish() && ! $source->title->described
            ? new Issue(
                'title-lower-case',
                FieldPath::title(),
                'The title has no capitals. Names in it need theirs; the style sets the others.',
            )
            : null;
    }

    private static function issue(string $id, string $sentence, string $label, string $value): Issue
    {
        return new Issue($id, FieldPath::title(), $sentence, fix: new Fix($label, $value));
    }
}
