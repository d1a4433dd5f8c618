<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;

/** A paper in the parts teachers tell apart: what opens it, its prose, its list of sources. */
final readonly class PaperParts
{
    /** Fewer letters are a heading, a line of the heading block, a caption. */
    private const SHORTEST = 150;

    /** @var list<Paragraph> paragraphs of running text */
    public array $prose;

    /** @var list<Paragraph> all that is no table, box or note, and not empty */
    public array $text;

    /** @var list<Paragraph> those of the first sheet before the prose begins */
    public array $opening;

    public function __construct(public Draft $draft, public ?SourceList $list)
    {
        $isEnd = static fn (Paragraph $one): bool => $list !== null && $one->place >= $list->heading;
        $this->text = array_values(
            array_filter($draft->paragraphs, static fn (Paragraph $one): bool => ! $one->isEmpty()),
        );
        $this->prose = array_values(array_filter(
            $this->text,
            static fn (Paragraph $one): bool => ! $isEnd($one) && self::isProse($one),
        ));
        $first = $this->prose[0]->place ?? PHP_INT_MAX;
        $this->opening = array_values(
            array_filter($this->text, static fn (Paragraph $one): bool => $one->place < $first && ! $isEnd($one)),
        );
    }

    /**
     * @param  array<array-key, Paragraph>  $paragraphs
     * @return list<int>
     */
    public static function places(array $paragraphs): array
    {
        return array_map(static fn (Paragraph $one): int => $one->place, array_values($paragraphs));
    }

    private static function isProse(Paragraph $one): bool
    {
        return mb_strlen(trim($one->text)) >= self::SHORTEST
            && $one->look->outline === 0
            && $one->look->align !== 'center'
            && ! $one->look->isListed && ! $one->isBlockQuotation();
    }
}
