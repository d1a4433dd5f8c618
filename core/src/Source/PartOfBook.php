<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** Turns a book into one part of it: what was the book's becomes the larger whole's, and the part is still to be filled in. */
final class PartOfBook
{
    /** Fields of the book by the field of the part they become. */
    public const MOVED = ['title.main' => 'containers.0.title', 'contributors' => 'containers.0.contributors'];

    public static function of(Source $book): Source
    {
        $json = $book->toArray();
        $container = $book->container()->toArray();
        $container['title'] = $book->title->full();
        // Who wrote the whole book may have written the part: they are kept there, and an editor is the editor of the whole.
        $container['contributors'] = array_map(static fn (Contributor $one): array => $one->toArray(), $book->contributors);
        $json['containers'] = [$container, ...array_slice($json['containers'] ?? [], 1)];
        unset($json['title'], $json['contributors']);

        return Source::fromArray(['kind' => 'chapter'] + $json, Kinds::all());
    }
}
