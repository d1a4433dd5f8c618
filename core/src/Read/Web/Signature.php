<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Name;

/** Who the last lines of the text name: a signature with or without a date, or a note about the author. */
final class Signature implements EvidenceReader
{
    public function read(Document $page): array
    {
        $blocks = $page->blocks();
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
            $dated = $isLetter || VisibleDate::isDate($last[$i + 1]['text'] ?? '') || preg_match('/^(?:first )?published in\b/iu', $last[$i + 1]['text'] ?? '') === 1;
            $found = match (true) {
                preg_match('/^[—–-]{1,2}\s*('.NameShape::pattern().')(?:,\s*(.{4,30}))?$/u', $block['text'], $m) === 1 && (! isset($m[2]) || VisibleDate::isDate($m[2])) => ['From the signature at the end of the text.', $m[1]],
                preg_match('/^('.NameShape::pattern().')(?:,\s*[^,.]{3,40})?,\s*(.{4,20})$/u', $block['text'], $m) === 1 && (VisibleDate::isDate($m[2]) || preg_match('/^(?:19|20)\d\d$/', $m[2]) === 1) => ['From the signature at the end of the text.', $m[1]],
                $dated && ! NameShape::isLabel($block['text']) && preg_match('/^('.NameShape::pattern().')$/u', $block['text'], $m) === 1 => ['From the signature at the end of the text.', $m[1]],
                preg_match('/^('.NameShape::pattern().') (?:(?:is|was) (?:an?|the) [^.]{0,60}\b(?:writer|historian|ecologist|journalist|teacher|reporter|researcher|archivist|biologist|engineer|lecturer|author|curator|student|professor|poet|photographer|scientist|editor|librarian)\b|(?:teaches|writes|studies|edits|works|lectures|reports|lives|has written|is writing) )/u', $block['text'], $m) === 1 => ['From the note about the author at the end of the text.', $m[1]],
                preg_match('/^('.NameShape::pattern().')[’\'](?:s)? (?:\p{L}+ ){0,3}(?:novels?|books?|collections?|memoir|essays?|poems?|stories|writing|work|films?|albums?)\b/u', $block['text'], $m) === 1 => ['From the note about the author at the end of the text.', $m[1]],
                default => null,
            };
            if ($found !== null) {
                return Make::byline($found[1], $found[0], Confidence::Likely, true);
            }
        }

        return self::address($page);
    }

    /**
     * The address element holds whom to write to about a page, and its author first (HTML Living Standard, 4.3.10).
     *
     * @return list<Finding>
     */
    private static function address(Document $page): array
    {
        foreach ($page->mentions('<address') ? $page->all('//address[.//a[starts-with(@href,"mailto:")]]') : [] as $address) {
            $name = trim((string) preg_replace('/[,(<].*$/us', '', $page->text($address)));
            if (NameShape::fills($name) && ! $page->isBeside($address) && ! Name::looksLikeGroup($name)) {
                return Make::byline($name, 'From the address of the author at the foot of the page.', Confidence::Likely, true);
            }
        }

        return [];
    }
}
