<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** All kinds there are, one file each in core/kinds; the file's name is the kind's id. */
final class Kinds
{
    public const FALLBACK = 'other';

    private static ?self $all = null;

    /** @param  array<string, Kind>  $kinds */
    private function __construct(private readonly array $kinds)
    {
    }

    public static function all(): self
    {
        if (self::$all === null) {
            $kinds = [];
            foreach (glob(dirname(__DIR__, 2).'/kinds/*.php') ?: [] as $file) {
                $kind = require $file;
                if (! $kind instanceof Kind || $kind->id !== basename($file, '.php')) {
                    throw new \LogicException("{$file} must return the kind it is named after.");
                }
                $kinds[$kind->id] = $kind;
            }
            uasort($kinds, static fn (Kind $a, Kind $b): int => [$a->rank, $a->label] <=> [$b->rank, $b->label]);
            self::$all = new self($kinds);
        }

        return self::$all;
    }

    /** The kind with this id, or the general one. */
    public function get(string $id): Kind
    {
        return $this->kinds[$id] ?? $this->kinds[self::FALLBACK];
    }

    public function has(string $id): bool
    {
        return isset($this->kinds[$id]);
    }

    /** @return list<Kind> the common ones first */
    public function list(): array
    {
        return array_values($this->kinds);
    }

    /** @return list<Kind> those a word or the beginning of one points to, best first */
    public function find(string $typed): array
    {
        $wanted = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($typed), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $scored = [];
        foreach ($this->kinds as $kind) {
            $words = mb_strtolower($kind->label.','.$kind->searchTerms);
            $score = 0;
            foreach ($wanted as $word) {
                $score += match (true) {
                    preg_match('/\b'.preg_quote($word, '/').'\b/u', $words) === 1 => 3,
                    preg_match('/\b'.preg_quote($word, '/').'/u', $words) === 1 => 2,
                    mb_strlen($word) > 3 && str_ends_with($word, 's') && preg_match('/\b'.preg_quote(rtrim($word, 's'), '/').'\b/u', $words) === 1 => 2,
                    default => -3,
                };
            }
            if ($score > 0 || $wanted === []) {
                $scored[] = [$score, $kind];
            }
        }
        usort($scored, static fn (array $a, array $b): int => [$b[0], $a[1]->rank] <=> [$a[0], $b[1]->rank]);

        return array_column($scored, 1);
    }
}
