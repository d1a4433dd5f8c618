<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** How most of a draft's text looks: its face, and its size in points. */
final readonly class BodyLook
{
    private function __construct(public string $face, public float $size)
    {
    }

    public static function of(Draft $draft): self
    {
        $looks = [];
        foreach ($draft->paragraphs as $paragraph) {
            $look = "{$paragraph->look->face}|{$paragraph->look->size}";
            $looks[$look] = ($looks[$look] ?? 0) + strlen($paragraph->text);
        }
        arsort($looks);
        [$face, $size] = explode('|', (string) array_key_first($looks).'|');

        return new self($face ?: 'Times New Roman', (float) $size ?: 12.0);
    }
}
