<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Builds one line of runs from left to right and sees to its punctuation: no full stop behind a full stop, question or
 * exclamation mark, stops and commas inside closing quotation marks, no doubled space.
 */
final class Line
{
    /** @var list<Run> */
    private array $runs = [];

    public function add(string $text, string $rule, ?string $field = null, bool $italic = false): self
    {
        if ($text === '') {
            return $this;
        }
        if (str_contains($text, "'") && preg_match('/\.(?:url|doi)$/', $rule) !== 1) {
            $text = (string) preg_replace("/(?<=\p{L})'/u", '’', $text);
        }
        $run = new Run($text, $rule, $field, $italic);
        $last = array_key_last($this->runs);
        if ($last !== null && $this->runs[$last]->alike($run)) {
            $this->runs[$last] = $this->runs[$last]->withText($this->runs[$last]->text.$text);
        } else {
            $this->runs[] = $run;
        }

        return $this;
    }

    /** @param  iterable<Run>  $runs */
    public function addAll(iterable $runs): self
    {
        foreach ($runs as $run) {
            $this->add($run->text, $run->rule, $run->field, $run->italic);
        }

        return $this;
    }

    /** Closes what stands so far with a full stop, unless it closes itself. */
    public function stop(string $rule): self
    {
        return $this->mark('.', $rule, ['.', '?', '!', '…']);
    }

    /** Sets a comma, also behind a question mark, but never behind another comma. */
    public function comma(string $rule): self
    {
        return $this->mark(',', $rule, [',']);
    }

    public function space(string $rule): self
    {
        $last = array_key_last($this->runs);

        return $last === null || str_ends_with($this->runs[$last]->text, ' ') ? $this : $this->add(' ', $rule);
    }

    /** Drops the space that waits for an element that never came. */
    public function trimEnd(): self
    {
        $last = array_key_last($this->runs);
        if ($last !== null && ($text = rtrim($this->runs[$last]->text)) !== $this->runs[$last]->text) {
            $run = $this->runs[$last];
            array_pop($this->runs);
            if ($text !== '') {
                $this->runs[] = $run->withText($text);
            }
        }

        return $this;
    }

    public function isEmpty(): bool
    {
        return $this->runs === [];
    }

    public function text(): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, $this->runs));
    }

    /** @return list<Run> */
    public function runs(): array
    {
        return $this->runs;
    }

    /** @param  list<string>  $closedBy marks behind which none is set */
    private function mark(string $mark, string $rule, array $closedBy): self
    {
        $last = array_key_last($this->runs);
        if ($last === null) {
            return $this;
        }
        $run = $this->runs[$last];
        if (! str_ends_with($run->text, '”')) {
            return self::ends($run->text, $closedBy) ? $this : $this->add($mark, $rule);
        }
        // Inside the closing quotation marks. ’ alone may be an apostrophe; right before ” it closes a quotation.
        $quotes = str_ends_with($run->text, '’”') ? '’”' : '”';
        $words = substr($run->text, 0, -strlen($quotes));
        if ($words === '' && $last > 0) {
            return $this->markBefore($last, $mark, $closedBy);
        }
        if (! self::ends($words, $closedBy)) {
            array_splice($this->runs, $last, 1, [$run->withText($words.$mark.$quotes)]);
        }

        return $this;
    }

    /** @param  list<string>  $marks */
    private static function ends(string $text, array $marks): bool
    {
        foreach ($marks as $mark) {
            if (str_ends_with($text, $mark)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The quotation marks stand in a run of their own, behind an italic title inside the quoted one.
     *
     * @param  list<string>  $closedBy
     */
    private function markBefore(int $quotes, string $mark, array $closedBy): self
    {
        if (! self::ends($this->runs[$quotes - 1]->text, $closedBy)) {
            $marks = $this->runs[$quotes];
            array_splice($this->runs, $quotes, 1, [$marks->withText($mark.$marks->text)]);
        }

        return $this;
    }
}
