<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;

/** One entry where it stands on the page. */
final readonly class PageEntry
{
    /** How many letters a mark has. */
    public const MARK = 12;

    public string $id;

    /** Tells this entry, as it stands, from every other one. */
    public string $mark;

    /**
     * @param  list<Run>  $runs
     * @param  list<string>  $annotation  the paragraphs below the entry
     * @param  string  $mark  of what it came to
     */
    public function __construct(
        private PageSource $of,
        public EntryContext $context,
        public array $runs,
        private array $annotation,
        string $mark = '',
    ) {
        $this->id = $of->id;
        $this->mark = self::markOf($of->id, $mark);
    }

    /** @param  string  $content  the mark of what the source came to */
    public static function markOf(string $id, string $content): string
    {
        return substr(hash('xxh3', "{$id}|{$content}"), 0, self::MARK);
    }

    public function source(): Source
    {
        return $this->of->source();
    }

    /** @return list<string> the paragraphs of the annotation below the entry */
    public function annotation(): array
    {
        return $this->annotation;
    }

    /** @return list<string> */
    public static function paragraphs(string $annotation): array
    {
        if ($annotation === '') {
            return [];
        }
        $paragraphs = array_map(trim(...), preg_split('/\R+/u', Quotes::curly($annotation)) ?: []);

        return array_values(array_filter($paragraphs, static fn (string $paragraph): bool => $paragraph !== ''));
    }

    public function text(): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, $this->runs));
    }
}
