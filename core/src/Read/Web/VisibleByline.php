<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;

/** Who the visible text says wrote it: a line that says so, or a name alone under the headline. */
final class VisibleByline implements EvidenceReader
{
    public const AT_END = 'From the line at the end of the text.';

    private const LEAD = '/^(?:(?:an? )?guest (?:post|column|essay|article)s? by\b|(?:story|text|words|report|essay|review|article)(?:\s+(?:and\s+\w+\s+)?by\b|:\s+(?=\p{Lu}))|(?:written|posted|submitted|compiled|researched|reported)\s+by\b|authors?\s*:|by\s+(?=\p{Lu})|by:|(?:par|por|von|di)\s+(?=\p{Lu}\p{Ll}+\s+\p{L})|prepared by\b)/u';

    public function read(Document $page): array
    {
        return [...$this->lines($page), ...$this->bare($page), ...$this->maker($page)];
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
            if ($i > $heading && $i - $heading <= 3 && preg_match('/[.!?]\s+(By '.NameShape::pattern().')$/u', $block['text'], $m) === 1) {
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
            // Far from the heading one word after "By" is a service, not a person.
            if (! $near && preg_match('/^by:?\s+\S+$/iu', $block['text']) === 1) {
                continue;
            }
            $findings = [...$findings, ...Make::byline($block['text'], match (true) {
                $near => 'From the line under the headline.',
                $i > $count * 0.6 => self::AT_END,
                default => 'From a line in the text.',
            }, $near || $i > $count * 0.6 ? Confidence::Likely : Confidence::Guess, true)];
        }

        return self::unlessRepeated($findings);
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
     * A name alone on a line right under the heading, with a date next to or below it.
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
                if (preg_match('/^Translated (?:from [\p{L} ]{3,40} )?by ('.NameShape::pattern().')$/u', $next, $m) === 1 && NameShape::fills($line['text']) && ! Name::looksLikeGroup($line['text'])) {
                    $author = Bylines::contributors($line['text']);
                    $translator = array_map(static fn (Contributor $one): Contributor => new Contributor(Role::Translator, $one->name), Bylines::contributors($m[1]));

                    return Make::people([...$author, ...$translator], 'From the lines under the headline.', Confidence::Likely, "{$line['text']}; {$next}", true);
                }
                if (preg_match('/^(.{8,30}?)\s*[|·•]\s*('.NameShape::pattern().')$/u', $line['text'], $m) === 1 && VisibleDate::isDate($m[1], $page->locale()) && ! Name::looksLikeGroup($m[2]) && ! NameShape::isLabel($m[2])) {
                    return Make::byline($m[2], 'From the line under the headline.', Confidence::Likely, true);
                }
                if (preg_match('/^('.NameShape::pattern().')(?:\s*[·|•]\s*(.+))?$/u', $line['text'], $m) === 1 && ! Name::looksLikeGroup($m[1]) && ! NameShape::isLabel($m[1]) && (VisibleDate::isDate($next) || VisibleDate::isDate($before) || VisibleDate::isDate(trim((preg_split('/\s[·|•]\s/u', $m[2] ?? '') ?: [''])[0])))) {
                    return Make::byline($m[1], 'From the line under the headline.', Confidence::Likely, true);
                }
            }
        }

        return [];
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
            if (str_starts_with($block['text'], $site) && preg_match('/^'.preg_quote($site, '/').' (?:by|is made by|is written by) ('.NameShape::pattern().')\b/u', $block['text'], $m) === 1) {
                return Make::byline($m[1], 'From the line that says who makes the site.', Confidence::Likely, true);
            }
        }

        return [];
    }
}
