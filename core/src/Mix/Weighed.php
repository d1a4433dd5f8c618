<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

use Bibrel\Core\Mix\Measure\ByCarrier;
use Bibrel\Core\Mix\Measure\ByPrimacy;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;

/** A paper's sources held against what is asked of them: each thing asked, met or not, in a sentence. */
final readonly class Weighed
{
    /** @param  int  $thisYear  by the student's calendar */
    public function __construct(private Asked $asked, private Mix $mix, private Style $style, private int $thisYear)
    {
    }

    /** @return list<Answer> what is asked, in one order, met or not */
    public function answers(): array
    {
        $kinds = Kinds::all();

        return array_values(array_filter([
            $this->style($this->asked->style),
            $this->number(),
            $this->most(),
            ...array_map(fn (KindAsked $one): Answer => $this->enough(
                "kind:{$one->kind}",
                $one->atLeast,
                $this->where(static fn (Source $source): bool => $source->kind === $kinds->get($one->kind)),
                $kinds->get($one->kind)->counted(...),
            ), $this->asked->kinds),
            $this->scholarly(),
            $this->primary(),
            $this->asked->printed === 0 ? null : $this->enough(
                'printed',
                $this->asked->printed,
                $this->where(static fn (Source $one): bool => (new ByCarrier)->of($one) === ByCarrier::PRINTED),
                self::counted('printed source'),
            ),
            $this->recent(),
            $this->dated(),
            $this->annotated(),
        ]));
    }

    private function style(string $wanted): ?Answer
    {
        if ($wanted === '') {
            return null;
        }
        $label = Styles::get($wanted)->label();

        return $wanted === $this->style->id()
            ? new Answer('style', "In {$label}, as asked", true)
            : new Answer('style', "{$label} is asked for, and the paper is in {$this->style->label()}", false);
    }

    private function number(): ?Answer
    {
        return $this->asked->atLeast === 0 ? null : new Answer(
            'at-least',
            "{$this->mix->count()} of at least ".self::counted('source')($this->asked->atLeast),
            $this->mix->count() >= $this->asked->atLeast,
        );
    }

    private function most(): ?Answer
    {
        $most = $this->asked->atMost;
        if ($most === 0) {
            return null;
        }
        $isMet = $this->mix->count() <= $most;

        return new Answer('at-most', $isMet
            ? "No more than {$most}"
            : self::counted('source')($this->mix->count()).", and at most {$most} are asked for", $isMet);
    }

    private function scholarly(): ?Answer
    {
        if ($this->asked->scholarly === 0) {
            return null;
        }
        $is = fn (string $answer): array => $this->where(
            static fn (Source $one): bool => ScholarlyFinding::of($one)->answer === $answer,
        );
        $guessed = count($this->where(static fn (Source $one): bool => ! ScholarlyFinding::of($one)->isSaid()));
        $answer = $this->enough(
            'scholarly',
            $this->asked->scholarly,
            $is('yes'),
            self::counted('scholarly source'),
        );

        return $guessed === 0 ? $answer : $answer->hinting(
            'As far as we can tell; say so yourself of each. Of '.count($is('')).' nothing tells.',
        );
    }

    private function primary(): ?Answer
    {
        if ($this->asked->primary === 0) {
            return null;
        }
        $isUnsaid = $this->where(static fn (Source $one): bool => $one->primacy === '') !== [];

        return $this->enough(
            'primary',
            $this->asked->primary,
            $this->where(static fn (Source $one): bool => $one->primacy === ByPrimacy::PRIMARY),
            self::counted('primary source'),
            $isUnsaid ? 'Say of each source which it is: only you know what you use it for.' : '',
        );
    }

    /** Primary sources may be of any age: what is studied is as old as it is. */
    private function recent(): ?Answer
    {
        $years = $this->asked->years;
        if ($years === 0) {
            return null;
        }
        $limit = $this->thisYear - $years;
        $old = $this->where(static fn (Source $one): bool => $one->primacy !== ByPrimacy::PRIMARY
            && ($one->date()->year ?? $limit) < $limit);
        $age = $years === 1 ? 'a year' : "{$years} years";

        return new Answer('recent', match (count($old)) {
            0 => "None is older than {$age}",
            1 => "1 is older than {$age}",
            default => count($old)." are older than {$age}",
        }, $old === [], $old, $old === [] ? '' : 'A primary source may be: say on it that it is one.');
    }

    /** Of what has no date nobody can tell how old it is. */
    private function dated(): ?Answer
    {
        $undated = $this->asked->years === 0 ? [] : $this->where(
            static fn (Source $one): bool => $one->primacy !== ByPrimacy::PRIMARY && $one->date()->year === null,
        );

        return $undated === [] ? null : new Answer('undated', count($undated) === 1
            ? '1 has no date, so its age cannot be told'
            : count($undated).' have no date, so their age cannot be told', false, $undated);
    }

    private function annotated(): ?Answer
    {
        if (! $this->asked->annotated) {
            return null;
        }
        $bare = $this->where(static fn (Source $one): bool => $one->annotation === '');

        return new Answer('annotated', match (count($bare)) {
            0 => 'Each has its annotation',
            1 => '1 has no annotation yet',
            default => count($bare).' have no annotation yet',
        }, $bare === [] && $this->mix->count() > 0, $bare);
    }

    /**
     * @param  list<string>  $there
     * @param  \Closure(int): string  $counted
     */
    private function enough(string $id, int $wanted, array $there, \Closure $counted, string $hint = ''): Answer
    {
        $count = count($there);
        $isMet = $count >= $wanted;
        $sentence = match (true) {
            $isMet => $counted($count),
            $count === 0 => ucfirst($counted(0)).' yet'.($wanted > 1 ? ", at least {$wanted} are asked for" : ''),
            default => "{$count} of at least {$counted($wanted)}",
        };

        return new Answer($id, $sentence, $isMet, $there, $isMet ? '' : $hint);
    }

    /** @return \Closure(int): string */
    private static function counted(string $word): \Closure
    {
        return static fn (int $count): string => match ($count) {
            0 => "no {$word}", 1 => "1 {$word}", default => "{$count} {$word}s",
        };
    }

    /**
     * @param  \Closure(Source): bool  $is
     * @return list<string> their ids
     */
    private function where(\Closure $is): array
    {
        return array_values(array_map(
            static fn (Source $one): string => $one->id,
            array_filter($this->mix->sources(), $is),
        ));
    }
}
