<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;

/** Who the visible text says wrote it: marked elements, a line under the headline, or a line at the end. */
final class VisibleByline implements Clues
{
    private const MARKED = '//*[not(self::meta)][@rel="author" or @itemprop="author" or contains(concat(" ",normalize-space(@class)," ")," byline ") or contains(concat(" ",normalize-space(@class)," ")," author ") or contains(concat(" ",normalize-space(@class)," ")," author-name ") or contains(concat(" ",normalize-space(@class)," ")," p-author ")]';

    private const LEAD = '/^(?:(?:story|text|words|report|essay|article)\s+(?:and\s+\w+\s+)?by\b|(?:written|posted|compiled|researched|reported)\s+by\b|authors?\s*:|by\s+(?=\p{Lu})|by:)/u';

    public function in(Document $page): array
    {
        return [...$this->marked($page), ...$this->lines($page)];
    }

    /** @return list<Finding> */
    private function marked(Document $page): array
    {
        $people = [];
        $texts = [];
        foreach ($page->all(self::MARKED) as $element) {
            // Comments, related stories and lists of authors elsewhere on the page are not this page's byline.
            if ($page->all('ancestor::aside|ancestor::nav|ancestor::footer|ancestor::*[contains(@class,"comment") or contains(@class,"related")]', $element) !== []
                || $page->all('.'.self::MARKED, $element) !== []) {
                continue;
            }
            $text = $page->text($element);
            if ($text === '' || mb_strlen($text) > 200) {
                continue;
            }
            foreach (Bylines::contributors($text) as $one) {
                $people[$one->name->direct()] ??= $one;
            }
            $texts[] = $text;
        }

        return Make::people(array_values($people), 'From the line with the author’s name on the page.', Confidence::Likely, $texts[0] ?? '', true);
    }

    /** @return list<Finding> */
    private function lines(Document $page): array
    {
        $blocks = $page->blocks();
        $count = count($blocks);
        $findings = [];
        $heading = 0;
        foreach ($blocks as $i => $block) {
            if ($block['tag'] === 'h1') {
                $heading = $i;
            }
        }
        foreach ($blocks as $i => $block) {
            $text = preg_replace_callback('/^(BY|WRITTEN BY|WORDS BY|TEXT BY)\b/u', static fn (array $m): string => mb_strtolower($m[1]), $block['text']) ?? '';
            $text = preg_match('/^\p{Lu}/u', $text) === 1 ? mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1) : $text;
            if ($block['tag'] === 'footer' || mb_strlen($text) > 160 || preg_match(self::LEAD, $text) !== 1 || preg_match('/^by (?:the (?:time|end|late|early|middle)|now|then|\d)/iu', $text) === 1) {
                continue;
            }
            $near = $i > $heading && $i - $heading <= 6;
            $findings = [...$findings, ...Make::byline($block['text'], match (true) {
                $near => 'From the line under the headline.',
                $i > $count * 0.6 => 'From the line at the end of the text.',
                default => 'From a line in the text.',
            }, $near || $i > $count * 0.6 ? Confidence::Likely : Confidence::Guess, true)];
        }

        return [...$findings, ...$this->signature($blocks)];
    }

    /**
     * A name alone behind a dash, or "X is a writer ..." in the last lines of the text.
     *
     * @param  list<array{tag: string, text: string}>  $blocks
     * @return list<Finding>
     */
    private function signature(array $blocks): array
    {
        $body = array_values(array_filter($blocks, static fn (array $block): bool => $block['tag'] !== 'footer'));
        foreach (array_reverse(array_slice($body, -4)) as $block) {
            if (preg_match('/^[—–-]{1,2}\s*(\p{Lu}[\p{L}’\'.-]+(?: \p{Lu}[\p{L}’\'.-]*){1,3})$/u', $block['text'], $m) === 1) {
                return Make::byline($m[1], 'From the signature at the end of the text.', Confidence::Likely, true);
            }
            if (preg_match('/^(\p{Lu}[\p{L}’\'-]+(?: \p{Lu}[\p{L}’\'.-]*){1,3}) (?:is|was) (?:an?|the) [^.]{0,60}\b(?:writer|historian|ecologist|journalist|teacher|reporter|researcher|archivist|biologist|engineer|lecturer|author|curator|student)\b/u', $block['text'], $m) === 1) {
                return Make::byline($m[1], 'From the note about the author at the end of the text.', Confidence::Likely, true);
            }
        }

        return [];
    }
}
