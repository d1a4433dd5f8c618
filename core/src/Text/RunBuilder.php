<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

use Bibrel\Core\Source\FieldPath;

/**
 * Builds one line of runs from left to right and sees to its punctuation: no full stop after a full stop, question or
 * exclamation mark, stops and commas inside closing quotation marks, no doubled space.
 *
 * What is added stands in four lists side by side until the runs are asked for: a line is built out of many small
 * pieces, most of which join the one before.
 */
final class RunBuilder
{
    /** @var array<int, string> */
    private array $texts = [];

    /** @var array<int, string> */
    private array $rules = [];

    /** @var array<int, ?FieldPath> */
    private array $fields = [];

    /** @var array<int, bool> */
    private array $italics = [];

    private int $last = -1;

    /** Whether what is added next begins with a capital. */
    private bool $capital = false;

    public function add(string $text, string $rule, ?FieldPath $field = null, bool $italic = false): self
    {
        if ($text === '') {
            return $this;
        }
        if ($this->capital) {
            $text = Letters::capital($text);
            $this->capital = false;
        }
        if (strpbrk($text, "'<") !== false && ! str_ends_with($rule, '.url') && ! str_ends_with($rule, '.doi')) {
            $text = (string) preg_replace("/(?<=\p{L})'/u", '’', (new Markup($text))->plain());
        }
        $last = $this->last;
        if ($last >= 0
            && $this->rules[$last] === $rule
            && $this->fields[$last] === $field
            && $this->italics[$last] === $italic) {
            $this->texts[$last] .= $text;
        } else {
            $this->texts[] = $text;
            $this->rules[] = $rule;
            $this->fields[] = $field;
            $this->italics[] = $italic;
            $this->last++;
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

    /** Adds what another line holds. */
    public function join(self $other): self
    {
        foreach ($other->texts as $i => $text) {
            $this->add($text, $other->rules[$i], $other->fields[$i], $other->italics[$i]);
        }

        return $this;
    }

    /** What is added next begins with a capital. */
    public function capitaliseNext(): self
    {
        $this->capital = true;

        return $this;
    }

    /** Closes what stands so far with a full stop, unless it closes itself. */
    public function stop(string $rule): self
    {
        return $this->mark('.', $rule, ['.', '?', '!', '…']);
    }

    /** Sets a comma, also after a question mark, but never after another comma. */
    public function comma(string $rule): self
    {
        return $this->mark(',', $rule, [',']);
    }

    /** Closes what stands so far with a full stop and a space: what follows is another element. */
    public function close(string $rule): self
    {
        if ($this->endsInWord()) {
            return $this->add('. ', $rule);
        }

        // Nothing was added since the last element was closed.
        return $this->last >= 0 && str_ends_with($this->texts[$this->last], '. ')
            ? $this
            : $this->stop($rule)->space($rule);
    }

    /** Sets a comma and a space: what follows belongs to the same element. */
    public function separate(string $rule): self
    {
        return $this->endsInWord() ? $this->add(', ', $rule) : $this->comma($rule)->space($rule);
    }

    /** Whether what stands so far ends in a plain letter or figure, as most things do. */
    private function endsInWord(): bool
    {
        return $this->last >= 0 && ctype_alnum(substr($this->texts[$this->last], -1));
    }

    public function space(string $rule): self
    {
        return $this->last < 0 || str_ends_with($this->texts[$this->last], ' ') ? $this : $this->add(' ', $rule);
    }

    /** Drops the space that waits for an element that never came. */
    public function trimEnd(): self
    {
        if ($this->last >= 0) {
            $this->texts[$this->last] = rtrim($this->texts[$this->last]);
            if ($this->texts[$this->last] === '') {
                array_pop($this->texts);
                array_pop($this->rules);
                array_pop($this->fields);
                array_pop($this->italics);
                $this->last--;
            }
        }

        return $this;
    }

    public function isEmpty(): bool
    {
        return $this->last < 0;
    }

    public function text(): string
    {
        return implode('', $this->texts);
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $runs = [];
        foreach ($this->texts as $i => $text) {
            $runs[] = new Run($text, $this->rules[$i], $this->fields[$i], $this->italics[$i]);
        }

        return $runs;
    }

    /** @param  list<string>  $closedBy marks after which none is set */
    private function mark(string $mark, string $rule, array $closedBy): self
    {
        $last = $this->last;
        if ($last < 0) {
            return $this;
        }
        $text = $this->texts[$last];
        if (! str_ends_with($text, '”')) {
            return self::ends($text, $closedBy) ? $this : $this->add($mark, $rule);
        }
        // Inside the closing quotation marks. ’ alone may be an apostrophe; right before ” it closes a quotation.
        $quotes = str_ends_with($text, '’”') ? '’”' : '”';
        $words = substr($text, 0, -strlen($quotes));
        if ($words === '' && $last > 0) {
            // The marks stand in a piece of their own, after an italic title inside the quoted one.
            if (! self::ends($this->texts[$last - 1], $closedBy)) {
                $this->texts[$last] = $mark.$text;
            }

            return $this;
        }
        if (! self::ends($words, $closedBy)) {
            $this->texts[$last] = $words.$mark.$quotes;
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
}
