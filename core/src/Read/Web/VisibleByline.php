<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\Name;

/** Who the visible text says wrote it: marked elements, a line under the headline, or a line at the end. */
final class VisibleByline implements Clues
{
    /** Classes that say an element names the author: "byline", "article--author", "c-byline__name"; not a box about them. */
    private const MARKED = '/^(?!about)(?:[\w-]*[_-])?(?:(?:owner|photographer)[_-]name|byline|author|p-author|contributor)s?(?:[_-]+(?:name|names|info|line|text|link))?$/i';

    /** Other ways of marking an author, and what a page must hold for it to be worth looking. */
    private const ATTRIBUTED = ['~\brel\s*=\s*["\']?author\b~i' => '@rel="author"', '~\bitemprop\s*=\s*["\']?author\b~i' => 'not(self::meta) and @itemprop="author"'];

    private const LEAD = '/^(?:(?:story|text|words|report|essay|review|article)(?:\s+(?:and\s+\w+\s+)?by\b|:\s+(?=\p{Lu}))|(?:written|posted|submitted|compiled|researched|reported)\s+by\b|authors?\s*:|by\s+(?=\p{Lu})|by:|(?:par|por|von|di)\s+(?=\p{Lu}\p{Ll}+\s+\p{L})|prepared by\b)/u';

    /** A person's name as one writes it: two to four words with capitals, initials among them. */
    private const NAME = '\p{Lu}[\p{L}’\'.-]*(?: (?:(?:de|da|dos|van|von|der|la|le) )?\p{Lu}[\p{L}’\'.-]*){1,3}';

    public function in(Document $page): array
    {
        return [...$this->marked($page), ...$this->lines($page), ...$this->bare($page), ...$this->maker($page)];
    }

    /** @return list<Finding> */
    private function marked(Document $page): array
    {
        $people = [];
        $texts = [];
        $ways = array_filter(self::ATTRIBUTED, $page->matches(...), ARRAY_FILTER_USE_KEY);
        $more = $ways === [] ? '' : '('.implode(') or (', $ways).')';
        $classes = $page->mentions('byline') || $page->mentions('author') || $page->mentions('contributor') || $page->mentions('owner') || $page->mentions('photographer') ? $page->classesLike(self::MARKED) : [];
        $marked = $page->withClass($classes, more: $more);
        foreach ($marked as $element) {
            // Comments, related stories and lists of authors elsewhere on the page are not this page's byline.
            if ($page->isBeside($element) || $page->withClass($classes, $element, $more) !== []) {
                continue;
            }
            $text = $page->text($element);
            if ($text === '' || mb_strlen($text) > 200) {
                continue;
            }
            $lines = VisibleText::lines($element);
            // In a box of several lines, those with a name count; the rest are posts and places.
            $lines = count($lines) > 2 ? array_values(array_filter($lines, static fn (string $line): bool => preg_match('/^(?:[Bb]y:? )?'.self::NAME.'$/u', $line) === 1 && ! self::isLabel($line))) : [$text];
            foreach ($lines as $line) {
                foreach (Bylines::contributors($line) as $one) {
                    $people[$one->name->direct()] ??= $one;
                }
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
        $heading = $page->headingBlock();
        foreach ($blocks as $i => $block) {
            if (strlen($block['text']) > 480 || mb_strlen($block['text']) > 160 || preg_match('/\b(?:by|par|por|von|di|authors?|text|words|story)\b/iu', $block['text']) !== 1) {
                continue;
            }
            // A line under the headline may end in who wrote it.
            if ($i > $heading && $i - $heading <= 3 && preg_match('/[.!?]\s+(By '.self::NAME.')$/u', $block['text'], $m) === 1) {
                $block['text'] = $m[1];
            }
            $pieces = array_values(array_filter(preg_split('/\s+[·•|]\s+/u', $block['text']) ?: [], static fn (string $piece): bool => preg_match('/^(?:words |written |text )?by\s/iu', $piece) === 1));
            $block['text'] = $pieces[0] ?? $block['text'];
            $text = preg_replace_callback('/^(BY|WRITTEN BY|WORDS BY|TEXT BY)\b/u', static fn (array $m): string => mb_strtolower($m[1]), $block['text']) ?? '';
            $text = preg_match('/^\p{Lu}/u', $text) === 1 ? mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1) : $text;
            if (in_array($block['tag'], ['footer', 'aside', 'figcaption'], true) || mb_strlen($text) > 160 || preg_match(self::LEAD, $text) !== 1 || preg_match('/^by (?:the (?:time|end|late|early|middle)|now|then|\d)/iu', $text) === 1) {
                continue;
            }
            $near = $i > $heading && $i - $heading <= 6;
            $findings = [...$findings, ...Make::byline($block['text'], match (true) {
                $near => 'From the line under the headline.',
                $i > $count * 0.6 => 'From the line at the end of the text.',
                default => 'From a line in the text.',
            }, $near || $i > $count * 0.6 ? Confidence::Likely : Confidence::Guess, true)];
        }

        return [...self::unlessRepeated($findings), ...$this->signature($blocks)];
    }

    /**
     * Several people who each sign in the same words wrote a part of the page, not the page.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private static function unlessRepeated(array $findings): array
    {
        $signed = [];
        foreach ($findings as $finding) {
            $signed[mb_strtolower(strtok($finding->evidence->text, ' ') ?: '')][$finding->folded()] = true;
        }

        return array_map(static fn (Finding $one): Finding => count($signed[mb_strtolower(strtok($one->evidence->text, ' ') ?: '')]) > 1 ? $one->withConfidence(Confidence::Guess) : $one, $findings);
    }

    /**
     * A name alone on a line right under the heading, with a date beside or below it.
     *
     * @return list<Finding>
     */
    private function bare(Document $page): array
    {
        $blocks = $page->blocks();
        $i = $page->headingBlock();
        if ($blocks !== []) {
            foreach (array_slice($blocks, $i + 1, 4) as $n => $line) {
                if (in_array($line['tag'], ['footer', 'aside', 'figcaption'], true)) {
                    continue;
                }
                $next = $blocks[$i + $n + 2]['text'] ?? '';
                $before = $n === 0 ? '' : $blocks[$i + $n]['text'];
                if (preg_match('/^('.self::NAME.')(?:\s*[·|•]\s*(.+))?$/u', $line['text'], $m) === 1 && ! Name::looksLikeGroup($m[1]) && ! self::isLabel($m[1]) && (VisibleDate::isDate($next) || VisibleDate::isDate($before) || VisibleDate::isDate(trim(explode('·', $m[2] ?? '')[0])))) {
                    return Make::byline($m[1], 'From the line under the headline.', Confidence::Likely, true);
                }
            }
        }

        return [];
    }

    /**
     * Who the last lines of the text name: a signature with or without a date, or a note about the author.
     *
     * @param  list<array{tag: string, text: string}>  $blocks
     * @return list<Finding>
     */
    private function signature(array $blocks): array
    {
        $body = array_values(array_filter($blocks, static fn (array $block): bool => ! in_array($block['tag'], ['footer', 'aside'], true)));
        // A signature has a text to stand under.
        $text = 0;
        foreach ($body as $i => $block) {
            if ($block['tag'] === 'p' && mb_strlen($block['text']) > 30) {
                $text = $i;
                break;
            }
        }
        $last = array_slice($body, max(count($body) - 5, $text + 1));
        $isLetter = array_filter(array_slice($body, 0, 8), static fn (array $block): bool => preg_match('/^(?:dear|to the) editors?\b/iu', $block['text']) === 1) !== [];
        foreach (array_reverse($last, true) as $i => $block) {
            $block['text'] = preg_match('/^\((.+)\)$/u', $block['text'], $m) === 1 ? $m[1] : $block['text'];
            $dated = $isLetter || VisibleDate::isDate($last[$i + 1]['text'] ?? '');
            $found = match (true) {
                preg_match('/^[—–-]{1,2}\s*('.self::NAME.')(?:,\s*(.{4,30}))?$/u', $block['text'], $m) === 1 && (! isset($m[2]) || VisibleDate::isDate($m[2])) => ['From the signature at the end of the text.', $m[1]],
                preg_match('/^('.self::NAME.')(?:,\s*[^,.]{3,40})?,\s*(.{4,20})$/u', $block['text'], $m) === 1 && (VisibleDate::isDate($m[2]) || preg_match('/^(?:19|20)\d\d$/', $m[2]) === 1) => ['From the signature at the end of the text.', $m[1]],
                $dated && ! self::isLabel($block['text']) && preg_match('/^('.self::NAME.')$/u', $block['text'], $m) === 1 => ['From the signature at the end of the text.', $m[1]],
                preg_match('/^('.self::NAME.') (?:(?:is|was) (?:an?|the) [^.]{0,60}\b(?:writer|historian|ecologist|journalist|teacher|reporter|researcher|archivist|biologist|engineer|lecturer|author|curator|student|professor|poet|photographer|scientist|editor|librarian)\b|(?:teaches|writes|studies|edits|works|lectures|reports|lives|has written|is writing) )/u', $block['text'], $m) === 1 => ['From the note about the author at the end of the text.', $m[1]],
                preg_match('/^('.self::NAME.')[’\'](?:s)? (?:\p{L}+ ){0,3}(?:novels?|books?|collections?|memoir|essays?|poems?|stories|writing|work|films?|albums?)\b/u', $block['text'], $m) === 1 => ['From the note about the author at the end of the text.', $m[1]],
                default => null,
            };
            if ($found !== null) {
                return Make::byline($found[1], $found[0], Confidence::Likely, true);
            }
        }

        return [];
    }

    /** "Original Published Date" has the shape of a name and is none. */
    private static function isLabel(string $line): bool
    {
        return preg_match('/\b(?:dates?|published|updated|posted|modified|title|website|page|authors?|contributors?|credits?|about|share|read|more)\b/iu', $line) === 1;
    }

    /**
     * "Pond Life by Ondine Vale": the site's own name with its maker, anywhere on the page.
     *
     * @return list<Finding>
     */
    private function maker(Document $page): array
    {
        $site = $page->meta('og:site_name');
        foreach ($site === '' ? [] : $page->blocks() as $block) {
            if (str_starts_with($block['text'], $site) && preg_match('/^'.preg_quote($site, '/').' (?:by|is made by|is written by) ('.self::NAME.')\b/u', $block['text'], $m) === 1) {
                return Make::byline($m[1], 'From the line that says who makes the site.', Confidence::Likely, true);
            }
        }

        return [];
    }
}
