<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Name;

/** An MLA entry: author, title, then each container's elements between commas (MLA Handbook, 9th ed., ch. 5). */
final class MlaCitation
{
    /** What the 7th edition closes with. */
    private const MEDIUM = 'Print|Web|Film|DVD|CD|Television|Radio|E-mail|TS|MS';

    /** What may stand at the very end to say what the title does not, and the kind it tells. */
    private const FORMS = [
        'Press release' => 'press-release', 'Conference presentation' => 'lecture', 'Lecture' => 'lecture',
        'Speech' => 'lecture', 'Address' => 'lecture', 'Poster presentation' => 'poster', 'Map' => 'map',
        'Advertisement' => 'advertisement', 'Cartoon' => 'cartoon', 'Comic strip' => 'cartoon',
        'Editorial' => 'editorial', 'Letter' => 'reader-letter', 'Letter to the editor' => 'reader-letter',
    ];

    public static function parse(string $text): CitationParts
    {
        $source = ['kind' => 'other', 'accessed' => ''];
        $text = CitedDate::dayFirst($text);
        if (preg_match(
            '/^(.*?)\s*\(?(?:Accessed|Date accessed|Date of access|Retrieved)(?: on)?:?\s+(\d{1,2} [^().]{3,12}\.? \d{4})[.)]*(?:\s+(<?(?:https?:|www\.)\S+))?$/us',
            $text,
            $m,
        ) === 1) {
            [$text, $source['accessed']] = [isset($m[3]) ? "{$m[1]} {$m[3]}" : $m[1], CitedDate::text($m[2])];
        }
        $form = '';
        if (preg_match('~^(.*[\w/”)]\.)\s+('.implode('|', array_keys(self::FORMS)).')\.?$~us', $text, $m) === 1) {
            [$text, $form] = [$m[1], $m[2]];
        }
        [$text, $doi, $url] = CitationParts::address(rtrim($text));
        $text = trim($text);
        $medium = '';
        if (preg_match('/^(.*[.”])\s+('.self::MEDIUM.')\.(?:\s+('.CitedDate::day().')\.?)?$/us', $text, $m) === 1) {
            [$text, $medium] = [$m[1], $m[2]];
            $source['accessed'] = $m[3] ?? $source['accessed'];
            $source += $medium === 'Web' ? ['reached' => 'web'] : [];
        }
        [$authors, $title, $rest, $isQuoted, $doubts] = self::opening($text);
        $place = '';
        $sentences = Sentences::of($rest);
        if ($medium !== '' || preg_match('/(?:^|\s)(?:Ed|Trans|Dir)\. \p{Lu}|\d\.\d+ \(\d{4}\): /u', $rest) === 1) {
            [$sentences, $place] = MlaSeventh::modern($rest);
        }
        $source['contributors'] = MlaPeople::parse($authors);
        $source['title'] = ['main' => self::unnested($title, $isQuoted)];
        if (count(explode(' ', rtrim($authors, '.'))) < 4
            && NameShape::isPersonal(Name::parse(rtrim($authors, '.')), true)
            && ! str_contains($authors, ',')) {
            $doubts = [CitationParts::doubt(FieldPath::contributors(), '“'.rtrim(
                $authors,
                '.',
            ).'” is not turned round. If its '
                .'last word is the family name, enter it as a person, with that name first.')];
        }
        if (preg_match('/\bet al\b/u', (string) preg_replace('/“.*”/u', '', $text)) === 1) {
            $doubts = [
                CitationParts::cutShort('“et al.” stands for people the entry does not name. Add them from the source.'),
            ];
        }
        $source = self::behind($source, $sentences, $isQuoted, $url.$doi !== '');
        if ($form !== '') {
            $source['kind'] = self::FORMS[$form];
            $source['genre'] = in_array($source['kind'], ['lecture', 'poster'], true) ? $form : '';
        }
        if ($place !== '') {
            $source['containers'][0]['place'] = $place;
        }
        // A DOI is the article's own, wherever the entry has it.
        $source['containers'][0] = self::filled([...$source['containers'][0], 'doi' => $doi]);
        $last = count($source['containers']) - 1;
        $source['containers'][$last] = self::filled([...$source['containers'][$last], 'url' => $url]);

        return new CitationParts(self::resolve($source, $title, $isQuoted, $medium), $doubts);
    }

    /**
     * Author, title, and what is behind; quotation marks tell where the title of a part begins.
     *
     * @return array{string, string, string, bool, list<Issue>} authors, title, the rest, whether the title stood in
     *         quotation marks, doubts
     */
    private static function opening(string $text): array
    {
        if (preg_match('/^((?:[^“]*[.,\])])?)\s*“(.+?(?:[.?!,][’]?(?=”)|(?=”[.,])))”[.,]?\s*(.*)$/us', $text, $m) === 1
            && mb_strlen($m[1]) < 200) {
            return [
                rtrim(trim($m[1]), ','), rtrim((string) preg_replace('/[.,](?=’?$)/u', '', $m[2])), $m[3], true, [],
            ];
        }
        $sentences = Sentences::of($text);
        // "Authora, A. Low Water": behind initials the title begins.
        if (preg_match('/^([\p{Lu}][^,.]+, (?:\p{Lu}\.\s?)+)(?<=\.) ?(\p{Lu}\p{L}.*)$/u', $sentences[0], $m) === 1
            && (! MlaPeople::is($sentences[0]) || str_word_count($m[2]) > 2)) {
            array_splice($sentences, 0, 1, [trim($m[1]), $m[2]]);
        }
        if (count($sentences) === 1) {
            return ['', rtrim($sentences[0], '.'), '', false, []];
        }
        $isName = MlaPeople::is($sentences[0]);
        $isTitleFirst = ! $isName && (count($sentences) === 2 || self::isContainer($sentences[1]));
        if ($isTitleFirst) {
            return ['', rtrim($sentences[0], '.'), implode(' ', array_slice($sentences, 1)), false, []];
        }
        $doubts = $isName
            ? []
            : [CitationParts::doubt(FieldPath::contributors(), "“{$sentences[0]}” may be an organisation that made it, or the title itself.")];

        return [$sentences[0], rtrim($sentences[1], '.'), implode(' ', array_slice($sentences, 2)), false, $doubts];
    }

    /**
     * Whether a sentence holds a container's elements rather than a title: somebody's deed, or a date between commas.
     */
    private static function isContainer(string $sentence): bool
    {
        return preg_match(
            '/^(?:(?:directed|edited|translated|created|performances?|narrated|hosted)\b|(?:Dir|Ed|Trans|Perf)\. )/iu',
            $sentence,
        ) === 1
            || preg_match('/(?:^|,\s).*\d{4}(?:,|\.$)/u', $sentence) === 1
                && str_contains($sentence, ',')
                && preg_match('/^\p{Lu}[^,]*\s\p{Ll}/u', $sentence) !== 1;
    }

    /** Inside a title in quotation marks quotations have single ones; they are double where the title stands alone. */
    private static function unnested(string $title, bool $isQuoted): string
    {
        return $isQuoted ? (string) preg_replace('/‘([^‘’]+(?:’\p{L}[^‘’]*)*)’/u', '“$1”', $title) : $title;
    }

    /**
     * What stands behind the title.
     *
     * @param  array<string, mixed>  $source
     * @param  list<string>  $sentences
     * @return array<string, mixed> with its containers, at least one, and the kind they speak for
     */
    private static function behind(array $source, array $sentences, bool $isQuoted, bool $isOnline): array
    {
        $containers = [];
        $kind = '';
        $original = '';
        foreach ($sentences as $sentence) {
            $said = rtrim($sentence, '. ');
            $said = preg_match('/\b(?:ed|Inc|Co|Ltd)$/u', $said) === 1 ? "{$said}." : $said;
            if ($containers === [] && CitedDate::is($said) && count($sentences) > 1) {
                $original = CitedDate::text($said);

                continue;
            }
            if ($containers === []
                && preg_match(
                    '/^(?:Review|Rev\.) of (.+?)(?:, by ([^,]+?))?(?:,\s+(\p{Lu}.*\d{4}.*))?$/u',
                    $said,
                    $m,
                ) === 1) {
                $source['subject'] = $m[1];
                $kind = 'review';
                if (($m[2] ?? '') !== '') {
                    $source['contributors'][] = ['role' => 'reviewed-author', 'name' => Name::parse($m[2])->toArray()];
                }
                if (($m[3] ?? '') === '') {
                    continue;
                }
                $said = $m[3];
            }
            if ($containers === [] && isset(self::FORMS[$said])) {
                $kind = self::FORMS[$said];

                continue;
            }
            if (preg_match('/^Special issue of (.+)$/u', $said, $m) === 1) {
                [$said, $kind, $isQuoted] = [$m[1], 'special-issue', true];
            }
            $container = MlaContainer::parse(
                $said,
                $isQuoted
                    || $containers !== []
                    || $original !== '' && $isOnline && preg_match('/(?:dissertation|thesis)$/iu', $said) !== 1
                    || self::isPart($source['title']['main'])
                    || self::isCase($source['title']['main']),
            );
            if ($container->isOnlyPeople()) {
                // Behind a whole book its helpers stand in a sentence of their own, or with its publisher.
                $source['contributors'] = [...$source['contributors'], ...$container->people];

                continue;
            }
            $kind = $kind === '' && $containers === [] ? $container->kind : $kind;
            $source['genre'] = $container->genre ?: ($source['genre'] ?? '');
            $fields = $container->fields;
            if ($containers === []
                && ($kind === 'chapter' || $isQuoted && in_array(
                    'editor',
                    array_column($container->people, 'role'),
                    true,
                ) || self::isPart($source['title']['main']))) {
                $fields['contributors'] = $container->people;
            } else {
                $source['contributors'] = [...$source['contributors'], ...$container->people];
            }
            $containers[] = $fields;
        }
        $containers = $containers === [] ? [[]] : array_slice($containers, 0, 3);
        if ($original !== '') {
            // A work seen on a site, and a thesis, have their own date before the site or the university.
            if (($containers[0]['date'] ?? '') === '') {
                $containers[0]['date'] = $original;
                $kind = $kind === '' && ! $isQuoted && $isOnline && isset($containers[0]['title']) ? 'artwork' : $kind;
            } else {
                $source['original'] = ['date' => $original];
            }
        }

        return [...$source, 'kind' => $kind, 'containers' => $containers];
    }

    /** "Introduction" and the like stand without quotation marks before the book they open. */
    private static function isPart(string $title): bool
    {
        return preg_match('/^(?:Introduction|Foreword|Preface|Afterword)$/u', $title) === 1;
    }

    /**
     * Who is asked stands first, and behind the word "Interview" who asks; "the author" is whoever wrote the paper.
     *
     * @param  list<array<string, mixed>>  $people
     * @return list<array<string, mixed>>
     */
    private static function interview(array $people): array
    {
        $asking = array_filter(
            array_slice($people, 1),
            static fn (array $one): bool => ! in_array('the author', $one['name'], true),
        );

        return [
            ...array_slice($people, 0, 1),
            ...array_map(static fn (array $one): array => [...$one, 'role' => 'interviewer'], array_values($asking)),
        ];
    }

    /** "Brook v. Harbour Board". */
    private static function isCase(string $title): bool
    {
        return preg_match('/\p{L} v\. \p{Lu}/u', $title) === 1;
    }

    /**
     * The kind, where no container spoke for one.
     *
     * @param  array<string, mixed>  $source
     * @return array<string, mixed>
     */
    private static function resolve(array $source, string $title, bool $isQuoted, string $medium): array
    {
        $container = $source['containers'][0];
        $isOnline = isset($container['url'])
            || isset($container['doi'])
            || isset($source['containers'][1]['url'])
            || $medium === 'Web';
        if (! $isQuoted
            && preg_match('/^(E-?mail|Letter|Text message) to (.+)$/u', $title, $m) === 1
            && array_keys($container) === ['date']
            && preg_match('/^'.NameShape::pattern().'$/u', $m[2]) === 1) {
            $source = [
                ...$source,
                'kind' => 'email',
                'title' => [],
                'genre' => preg_match('/^E-?mail$/u', $m[1]) === 1 ? '' : $m[1],
            ];
            $source['contributors'][] = ['role' => 'recipient', 'name' => Name::parse($m[2])->toArray()];
        } elseif (! $isQuoted && $title === 'Interview') {
            $source = [
                ...$source,
                'kind' => isset($container['title']) ? 'published-interview' : 'interview-own',
                'title' => [],
                'contributors' => self::interview($source['contributors']),
            ];
        } elseif (! $isQuoted && $title === 'Personal interview') {
            $source = [...$source, 'kind' => 'interview-own', 'title' => []];
        }
        $isScreen = isset($source['contributors'][0]['name']['screen']);
        $source['kind'] = match (true) {
            ! $isQuoted && self::isCase($title) => 'court-case',
            $source['kind'] !== '' => $source['kind'],
            self::isPart($title) => 'chapter',
            $medium === 'Film' || $medium === 'DVD' => 'film',
            $isQuoted && $isScreen && $isOnline => 'social-post',
            ! $isQuoted => $isOnline && isset($container['title']) ? 'web-page' : 'book',
            // Without an address only a page of the web would print its publisher, and nothing of what was pasted may
            // be lost.
            ! $isOnline && ! isset($container['publisher']) => 'magazine-article',
            default => 'web-page',
        };
        // Behind a title in another language stands what it means.
        [$plain, $meaning] = preg_match('/^(.+?) \[([^\]]+)\]$/u', $title, $m) === 1 ? [$m[1], $m[2]] : [$title, ''];
        $language = GuessedLanguage::of($plain);
        if ($language !== '' && $meaning !== '') {
            $source['title'] = ['main' => $plain, 'translated' => $meaning];
        }

        return $language === '' ? $source : [...$source, 'language' => $language];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function filled(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => $value !== '' && $value !== []);
    }
}
