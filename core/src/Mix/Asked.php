<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

use Bibrel\Core\Source\Kinds;

/**
 * What a teacher, or a student of themselves, asks of a paper's sources. Zero and '' ask for nothing.
 */
final readonly class Asked
{
    private const MOST = 999;

    /**
     * @param  string  $style  the style's id the paper is to be in
     * @param  list<KindAsked>  $kinds
     * @param  int  $years  how old a secondary source may be
     * @param  int  $printed  how many must be printed
     * @param  bool  $annotated  whether each source is to have an annotation
     */
    public function __construct(
        public string $style = '',
        public int $atLeast = 0,
        public int $atMost = 0,
        public array $kinds = [],
        public int $years = 0,
        public int $scholarly = 0,
        public int $primary = 0,
        public int $printed = 0,
        public bool $annotated = false,
    ) {
    }

    /** @param  array<string, mixed>  $json  what cannot be read asks for nothing */
    public static function fromArray(array $json): self
    {
        $number = static fn (string $key): int => self::number($json[$key] ?? 0);

        return new self(
            is_string($json['style'] ?? null) ? $json['style'] : '',
            $number('atLeast'),
            $number('atMost'),
            self::kindsFrom($json['kinds'] ?? null),
            $number('years'),
            $number('scholarly'),
            $number('primary'),
            $number('printed'),
            (bool) ($json['annotated'] ?? false),
        );
    }

    /** @return list<KindAsked> the last one said of each kind */
    private static function kindsFrom(mixed $json): array
    {
        $kinds = [];
        foreach (is_array($json) ? $json : [] as $one) {
            $kind = is_array($one) && is_string($one['kind'] ?? null) ? $one['kind'] : '';
            $atLeast = self::number($one['atLeast'] ?? 0);
            if (Kinds::all()->has($kind) && $atLeast > 0) {
                $kinds[$kind] = new KindAsked($kind, $atLeast);
            }
        }

        return array_values($kinds);
    }

    public function isEmpty(): bool
    {
        return $this == new self;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'style' => $this->style,
            'atLeast' => $this->atLeast,
            'atMost' => $this->atMost,
            'kinds' => array_map(
                static fn (KindAsked $one): array => ['kind' => $one->kind, 'atLeast' => $one->atLeast],
                $this->kinds,
            ),
            'years' => $this->years,
            'scholarly' => $this->scholarly,
            'primary' => $this->primary,
            'printed' => $this->printed,
            'annotated' => $this->annotated,
        ];
    }

    private static function number(mixed $said): int
    {
        return is_numeric($said) ? min(self::MOST, max(0, (int) $said)) : 0;
    }
}
