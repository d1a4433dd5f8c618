<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Reads the two pieces of markup a title may carry; everything else in it is text. */
final readonly class Markup
{
    public function __construct(private string $text)
    {
    }

    /** @return list<array{string, bool}> stretches of text and whether each is set off by <i> */
    public function spans(): array
    {
        $text = $this->text;
        if (! str_contains($text, '<')) {
            return $text === '' ? [] : [[$text, false]];
        }
        $text = (new self($text))->withoutCase();
        $spans = [];
        foreach (preg_split(
            '~(<i>.*?</i>)~us',
            $text,
            -1,
            PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
        ) ?: [] as $part) {
            $inner = preg_match('~^<i>(.*)</i>$~us', $part, $m) === 1;
            if (! $inner || $m[1] !== '') {
                $spans[] = [$inner ? $m[1] : $part, $inner];
            }
        }

        return $spans;
    }

    /** Without the marks around words whose letter case is kept; the words stay. */
    public function withoutCase(): string
    {
        return str_contains($this->text, '<span')
            ? (string) preg_replace('~<span class="nocase">(.*?)</span>~us', '$1', $this->text)
            : $this->text;
    }

    public function plain(): string
    {
        return implode('', array_column($this->spans(), 0));
    }
}
