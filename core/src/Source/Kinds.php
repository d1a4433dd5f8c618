<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * All kinds there are, one file each in core/kinds; the file's name is the kind's id. A kind is read when it is asked
 * for.
 */
final class Kinds
{
    public const FALLBACK = 'other';

    private static ?self $all = null;

    /** @var array<string, Kind> those that were read */
    private array $read = [];

    /** @var ?list<Kind> all of them, the common ones first */
    private ?array $list = null;

    /** @var ?array<string, list<array{Kind, KindFit}>> by the id of the kind they are taken for */
    private ?array $mistakes = null;

    /** @param  string  $folder  where the files are */
    public function __construct(private readonly string $folder)
    {
    }

    public static function all(): self
    {
        return self::$all ??= new self(dirname(__DIR__, 2).'/kinds');
    }

    /** The kind with this id, or the general one. */
    public function get(string $id): Kind
    {
        return $this->read[$id] ??= $this->has($id) ? $this->read($id) : $this->get(self::FALLBACK);
    }

    public function has(string $id): bool
    {
        return isset($this->read[$id]) && $this->read[$id]->id === $id
            || preg_match('/^[a-z0-9-]+$/D', $id) === 1 && is_file("{$this->folder}/{$id}.php");
    }

    /** @return list<Kind> the common ones first */
    public function list(): array
    {
        if ($this->list === null) {
            $ids = array_map(
                static fn (string $file): string => basename($file, '.php'),
                glob("{$this->folder}/*.php") ?: [],
            );
            $this->list = array_map($this->get(...), $ids);
            usort($this->list, static fn (Kind $a, Kind $b): int => [$a->rank, $a->label] <=> [$b->rank, $b->label]);
        }

        return $this->list;
    }

    /** @return list<array{Kind, KindFit}> the kinds that are taken for this one, with what tells it */
    public function takenFor(Kind $kind): array
    {
        if ($this->mistakes === null) {
            $this->mistakes = [];
            foreach ($this->list() as $right) {
                foreach ($right->fits as $fit) {
                    foreach ($fit->insteadOf as $wrong) {
                        $this->mistakes[$wrong][] = [$right, $fit];
                    }
                }
            }
        }

        return $this->mistakes[$kind->id] ?? [];
    }

    private function read(string $id): Kind
    {
        $kind = require "{$this->folder}/{$id}.php";
        if (! $kind instanceof Kind || $kind->id !== $id) {
            throw new \LogicException("{$this->folder}/{$id}.php must return the kind it is named after.");
        }

        return $kind;
    }
}
