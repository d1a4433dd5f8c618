<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\AddressBreaks;
use Bibrel\Core\Text\Run;

/** A stretch of a document's text that looks one way, leads to one place and is in one language. */
final readonly class Stretch
{
    /**
     * @param  string  $text  with marks (AddressBreaks::MARK) where a long address may go on in the next line
     * @param  string  $link  an address; '' for text that cannot be pressed
     * @param  string  $language  a code, "fr"; '' for English
     */
    public function __construct(
        public string $text,
        public bool $italic = false,
        public string $link = '',
        public string $language = '',
    ) {
    }

    /** @return list<self> */
    public static function ofEntry(Page $page, PageEntry $entry): array
    {
        $language = self::language($entry->source());

        return array_map(
            static fn (Run $run): self => new self(
                $run->breakable(),
                $run->italic,
                $page->linksAddresses ? $run->target() : '',
                self::isTitle($run->field) ? $language : '',
            ),
            $entry->runs,
        );
    }

    /** Without the marks in addresses. */
    public function plain(): string
    {
        return str_replace(AddressBreaks::MARK, '', $this->text);
    }

    private static function language(Source $source): string
    {
        $code = (new LanguageCode($source->language))->code();

        return preg_match('/^(?!en\b)[a-z]{2}(?:-[A-Za-z]{2,4})?$/', $code) === 1 ? $code : '';
    }

    private static function isTitle(?FieldPath $field): bool
    {
        return preg_match('/^(?:title\.(?:main|subtitle|short)|containers\.\d+\.title)$/', (string) $field?->key) === 1;
    }
}
