<?php

declare(strict_types=1);

namespace Bibrel\Core\Note;

use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text as JsonText;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;

/**
 * Something noted down from a source, with the place it stands at there.
 */
final readonly class Note
{
    private const LONGEST = 20_000;

    private const TAGS = 20;

    /**
     * @param  string  $text  the words, in paragraphs; of a quotation exactly as they stand in the source
     * @param  Locator  $place  page, paragraph, time
     * @param  list<string>  $tags
     * @param  string  $on  the day it was noted, Y-m-d
     */
    public function __construct(
        public NoteKind $kind = NoteKind::Thought,
        public string $text = '',
        public Locator $place = new Locator,
        public array $tags = [],
        public string $on = '',
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  {kind, text, place: {kind, value}, tags, on}; what cannot be read is left
     *         out
     */
    public static function fromArray(array $json): self
    {
        $place = is_array($json['place'] ?? null) ? $json['place'] : [];
        $kind = JsonText::of($place, 'kind');
        $text = is_string($json['text'] ?? null) ? trim(mb_scrub($json['text'])) : '';
        $on = JsonText::of($json, 'on');

        return new self(
            NoteKind::tryFrom(JsonText::of($json, 'kind')) ?? NoteKind::Thought,
            mb_substr($text, 0, self::LONGEST),
            new Locator(
                in_array($kind, Locator::kinds(), true) ? $kind : '',
                mb_substr(JsonText::of($place, 'value'), 0, 80),
            ),
            self::tagsFrom($json['tags'] ?? null),
            preg_match('/^\d{4}-\d{2}-\d{2}$/', $on) === 1 ? $on : '',
        );
    }

    /**
     * @return array{
     *     kind: string,
     *     text: string,
     *     place: array{kind: string, value: string},
     *     tags: list<string>,
     *     on: string,
     * }
     */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind->value,
            'text' => $this->text,
            'place' => ['kind' => $this->place->kind, 'value' => $this->place->value],
            'tags' => $this->tags,
            'on' => $this->on,
        ];
    }

    /**
     * As it goes into a draft: quoted words in quotation marks, or as a block where there are many, and the citation
     * after them. A thought is the student's own and cites nothing.
     *
     * Source: MLA Handbook, 9th ed., 6.32 to 6.43; APA Publication Manual, 7th ed., 8.25 to 8.27.
     *
     * @return list<Run>
     */
    public function forDraft(Source $source, Style $style, EntryContext $context): array
    {
        if ($this->kind === NoteKind::Thought) {
            return [new Run($this->text, 'note')];
        }
        $place = $this->place->kind === '' && ! $this->place->isNone()
            ? new Locator('page', $this->place->value)
            : $this->place;
        $citation = $style->citation($source, new CitationContext($place), $context);
        $text = Quotes::curly(trim($this->text));
        if ($this->kind === NoteKind::Quotation && $this->isBlock($style)) {
            return [new Run("{$text} ", 'note'), ...$citation];
        }
        // A stop goes after the citation; what asks or calls stays with its words.
        $text = (string) preg_replace('/\.([”’]?)$/u', '$1', $text);
        $quoted = $this->kind === NoteKind::Quotation ? '“'.Quotes::nested($text).'”' : $text;

        return [new Run("{$quoted} ", 'note'), ...$citation, new Run('.', 'note')];
    }

    /** Whether it is long enough to be set in, without quotation marks. */
    public function isBlock(Style $style): bool
    {
        return $this->kind === NoteKind::Quotation
            && preg_match_all('/\S+/u', $this->text) >= $style->paper()->blockWords;
    }

    /** @return list<string> */
    private static function tagsFrom(mixed $json): array
    {
        $tags = [];
        foreach (is_array($json) ? $json : [] as $one) {
            $tag = is_string($one) ? mb_substr(JsonText::line($one), 0, 60) : '';
            if ($tag !== '') {
                $tags[mb_strtolower($tag)] ??= $tag;
            }
        }

        return array_slice(array_values($tags), 0, self::TAGS);
    }
}
