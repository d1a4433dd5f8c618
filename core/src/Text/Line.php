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
        return $this->mark('.', $rule, '/[.?!…]$/u');
    }

    /** Sets a comma, also behind a question mark, but never behind another comma. */
    public function comma(string $rule): self
    {
        return $this->mark(',', $rule, '/[,]$/u');
    }

    public function space(string $rule): self
    {
        return $this->runs === [] || preg_match('/\s$/u', $this->text()) === 1 ? $this : $this->add(' ', $rule);
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

    private function mark(string $mark, string $rule, string $closedBy): self
    {
        $last = array_key_last($this->runs);
        if ($last === null) {
            return $this;
        }
        $run = $this->runs[$last];
        // Closing quotation marks, but not an apostrophe behind a letter: ’ counts only right before ” or behind a mark.
        if (preg_match('/^(.*?)(’?”)$/us', $run->text, $m) !== 1) {
            return preg_match($closedBy, $run->text) === 1 ? $this : $this->add($mark, $rule);
        }
        if ($m[1] === '' && $last > 0) {
            return $this->markBefore($last, $mark, $closedBy);
        }
        if (preg_match($closedBy, $m[1]) !== 1) {
            $this->runs[$last] = $run->withText($m[1].$mark.$m[2]);
        }

        return $this;
    }

    /** The quotation marks stand in a run of their own, behind an italic title inside the quoted one. */
    private function markBefore(int $quotes, string $mark, string $closedBy): self
    {
        if (preg_match($closedBy, $this->runs[$quotes - 1]->text) !== 1) {
            $marks = $this->runs[$quotes];
            array_splice($this->runs, $quotes, 1, [$marks->withText($mark.$marks->text)]);
        }

        return $this;
    }
}
