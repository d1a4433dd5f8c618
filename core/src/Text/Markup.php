<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Reads the markup that text may carry: `<i>` around a title inside a title and spans that keep letter case (CSL-JSON's
 * conventions), and what records bring along: `<b>`, `<sub>`, `<sup>`, small capitals. None of it is ever shown as
 * text;
 * anything else between angle brackets is.
 */
final readonly class Markup
{
    private const LOWERED = [
        '0' => '₀', '1' => '₁', '2' => '₂', '3' => '₃', '4' => '₄', '5' => '₅', '6' => '₆', '7' => '₇', '8' => '₈',
        '9' => '₉',
        '+' => '₊', '-' => '₋', '−' => '₋', '(' => '₍', ')' => '₎',
    ];

    private const RAISED = [
        '0' => '⁰', '1' => '¹', '2' => '²', '3' => '³', '4' => '⁴', '5' => '⁵', '6' => '⁶', '7' => '⁷', '8' => '⁸',
        '9' => '⁹',
        '+' => '⁺', '-' => '⁻', '−' => '⁻', '(' => '⁽', ')' => '⁾', 'n' => 'ⁿ',
    ];

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
        $text = $this->withoutSpans();
        $spans = [];
        foreach (preg_split(
            '~(<(?:i|em)>.*?</(?:i|em)>)~us',
            $text,
            -1,
            PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
        ) ?: [] as $part) {
            $inner = preg_match('~^<(?:i|em)>(.*)</(?:i|em)>$~us', $part, $m) === 1;
            if (! $inner || $m[1] !== '') {
                $spans[] = [$inner ? $m[1] : $part, $inner];
            }
        }

        return $spans;
    }

    /**
     * With nothing left but `<i>`: figures below and above the line are characters of their own, and other marks fall
     * away with their words kept.
     */
    public function withoutSpans(): string
    {
        if (! str_contains($this->text, '<')) {
            return $this->text;
        }
        $text = $this->text;
        foreach (['sub' => self::LOWERED, 'sup' => self::RAISED] as $tag => $characters) {
            $text = (string) preg_replace_callback(
                "~<{$tag}>(.*?)</{$tag}>~us",
                static fn (array $m): string => strtr($m[1], $characters),
                $text,
            );
        }

        return (string) preg_replace('~</?(?:b|strong|sc|scp|small)>|<span(?: [^<>]*)?>|</span>~u', '', $text);
    }

    public function plain(): string
    {
        return implode('', array_column($this->spans(), 0));
    }
}
