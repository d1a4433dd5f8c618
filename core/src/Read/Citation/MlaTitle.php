<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\TitleLanguage;

/** What the title of an MLA entry tells: a message, an interview, a case, a part of a book, another language. */
final readonly class MlaTitle
{
    private const MESSAGE = '/^(E-?mail|Letter|Text message) to (.+)$/u';

    /** @param  bool  $isQuoted  whether it stood in quotation marks */
    public function __construct(private string $title, private bool $isQuoted)
    {
    }

    /** "Introduction" and the like stand without quotation marks before the book they open. */
    public static function isPart(string $title): bool
    {
        return preg_match('/^(?:Introduction|Foreword|Preface|Afterword)$/u', $title) === 1;
    }

    /** "Brook v. Harbour Board". */
    public static function isCase(string $title): bool
    {
        return preg_match('/\p{L} v\. \p{Lu}/u', $title) === 1;
    }

    /**
     * @param  array<string, mixed>  $source  with its containers
     * @return array<string, mixed> as the title says it is, with its kind and its language
     */
    public function told(array $source, string $medium): array
    {
        $source = $this->described($source);
        $source['kind'] = $this->kind($source, $medium);
        // After a title in another language stands what it means.
        $isGlossed = preg_match('/^(.+?) \[([^\]]+)\]$/u', $this->title, $m) === 1;
        [$plain, $meaning] = $isGlossed ? [$m[1], $m[2]] : [$this->title, ''];
        $language = (new TitleLanguage($plain))->code();
        if ($language === '') {
            return $source;
        }

        return [
            ...$source,
            ...($meaning === '' ? [] : ['title' => ['main' => $plain, 'translated' => $meaning]]),
            'language' => $language,
        ];
    }

    /**
     * What stands in the title's place and is none: "Letter to Noor Castellan", "Interview".
     *
     * @param  array<string, mixed>  $source
     * @return array<string, mixed>
     */
    private function described(array $source): array
    {
        $container = $source['containers'][0];
        $isMessage = ! $this->isQuoted && array_keys($container) === ['date']
            && preg_match(self::MESSAGE, $this->title, $m) === 1
            && preg_match('/^'.NameShape::pattern().'$/u', $m[2]) === 1;
        if ($isMessage) {
            $source['contributors'][] = ['role' => 'recipient', 'name' => Name::parse($m[2])->toArray()];
            $isMail = preg_match('/^E-?mail$/u', $m[1]) === 1;

            return [...$source, 'kind' => 'email', 'title' => [], 'genre' => $isMail ? '' : $m[1]];
        }

        return match ($this->isQuoted ? '' : $this->title) {
            'Interview' => [
                ...$source,
                'kind' => isset($container['title']) ? 'published-interview' : 'interview-own',
                'title' => [],
                'contributors' => self::interview($source['contributors']),
            ],
            'Personal interview' => [...$source, 'kind' => 'interview-own', 'title' => []],
            default => $source,
        };
    }

    /** @param  array<string, mixed>  $source */
    private function kind(array $source, string $medium): string
    {
        return match (true) {
            ! $this->isQuoted && self::isCase($this->title) => 'court-case',
            $source['kind'] !== '' => $source['kind'],
            self::isPart($this->title) => 'chapter',
            in_array($medium, ['Film', 'DVD'], true) => 'film',
            default => $this->usualKind($source, self::isOnline($source, $medium)),
        };
    }

    /** @param  array<string, mixed>  $source */
    private function usualKind(array $source, bool $isOnline): string
    {
        $container = $source['containers'][0];
        $isScreen = isset($source['contributors'][0]['name']['screen']);

        return match (true) {
            ! $this->isQuoted => $isOnline && isset($container['title']) ? 'web-page' : 'book',
            $isScreen && $isOnline => 'social-post',
            // Without an address only a page of the web would print its publisher, and nothing of what was pasted may
            // be lost.
            ! $isOnline && ! isset($container['publisher']) => 'magazine-article',
            default => 'web-page',
        };
    }

    /** @param  array<string, mixed>  $source */
    private static function isOnline(array $source, string $medium): bool
    {
        $container = $source['containers'][0];

        return $medium === 'Web' || isset($container['url']) || isset($container['doi'])
            || isset($source['containers'][1]['url']);
    }

    /**
     * Who is asked stands first, and after the word "Interview" who asks; "the author" is whoever wrote the paper.
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
}
