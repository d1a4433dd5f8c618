<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * Turns a book into one part of it: what was the book's becomes the larger whole's, and the part is still to be filled
 * in.
 * Who wrote the book most likely wrote the part and is named there, once; its editors and translators stay with the
 * whole.
 */
final readonly class PartOfBook
{
    private const OF_THE_WHOLE = [
        Role::Editor, Role::Translator, Role::Compiler, Role::Illustrator, Role::Introduction, Role::Foreword,
        Role::Afterword,
    ];

    public function __construct(private Source $book)
    {
    }

    public function source(): Source
    {
        $json = $this->book->toArray();
        $isOfWhole = static fn (Contributor $one): bool => in_array($one->role, self::OF_THE_WHOLE, true);
        $people = static fn (array $some): array => array_map(
            static fn (Contributor $one): array => $one->toArray(),
            array_values($some),
        );
        $container = $this->book->container()->toArray();
        $container['title'] = $this->book->title->full();
        $container['contributors'] = $people(array_filter($this->book->contributors, $isOfWhole));
        $json['containers'] = [$container, ...array_slice($json['containers'] ?? [], 1)];
        $json['contributors'] = $people(
            array_filter($this->book->contributors, static fn (Contributor $one): bool => ! $isOfWhole($one)),
        );
        unset($json['title']);

        return Source::fromArray(['kind' => 'chapter'] + $json, Kinds::all());
    }
}
