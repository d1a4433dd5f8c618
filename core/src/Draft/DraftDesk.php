<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\Layout\LayoutCheck;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;

/**
 * A draft and the sources of its paper side by side: what is to be seen of the two, and the draft with the page in it.
 */
final readonly class DraftDesk
{
    /**
     * @param  list<Source>  $sources
     * @param  array<string, string>  $meant  ids of sources by what citations say, where somebody said which it is
     */
    public function __construct(
        private array $sources,
        private Style $style,
        private CourseRules $course,
        private array $meant = [],
    ) {
    }

    /**
     * @param  array{
     *     sources?: list<array<string, mixed>>, style?: string, course?: array<string, mixed>,
     *     meant?: array<string, string>,
     * }  $asked
     */
    public static function of(array $asked): self
    {
        return new self(
            array_map(static fn (array $one): Source => Source::fromArray($one, Kinds::all()), $asked['sources'] ?? []),
            Styles::get($asked['style'] ?? ''),
            CourseRules::fromArray($asked['course'] ?? []),
            $asked['meant'] ?? [],
        );
    }

    /**
     * @return array<string, mixed> as DraftView tells it
     *
     * @throws Unreadable
     */
    public function view(string $bytes): array
    {
        $draft = (new DraftFile($bytes))->draft();

        return (new DraftView($draft, $this->report($draft)))->toArray();
    }

    /**
     * @param  list<string>  $mends  ids of issues of the layout
     * @return array{bytes: string, mediaType: string, extension: string} the bytes in Base64
     *
     * @throws Unreadable
     */
    public function withPage(string $bytes, bool $replaces, bool $onlyCited, array $mends): array
    {
        $document = (new DraftFile($bytes))->document();
        $draft = $document->draft();
        $list = SourceList::find($draft);
        $page = $this->page($onlyCited ? $this->report($draft)->cited($this->sources) : $this->sources);
        $kept = array_map(
            static fn (Layout\Mend $mend): Layout\Mend => $replaces && $list !== null ? $mend->outside($list) : $mend,
            (new LayoutCheck($this->style->paper()))->mends($draft, $list, $mends),
        );

        return [
            'bytes' => base64_encode($document->withPage($page, $replaces, $kept)),
            'mediaType' => $document->mediaType(),
            'extension' => $document->extension(),
        ];
    }

    private function report(Draft $draft): DraftReport
    {
        return (new DraftCheck($this->page($this->sources), $this->style, $this->meant))->report($draft);
    }

    /** @param  list<Source>  $sources */
    private function page(array $sources): Page
    {
        return Page::compose($sources, $this->style, $this->course, withBare: false);
    }
}
