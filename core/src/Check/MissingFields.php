<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\Need;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/** Expected fields that are empty, and what the style does without them. */
final readonly class MissingFields implements Checks
{
    private const WITHOUT = [
        'contributors' => 'Without an author the entry begins with the title.',
        'containers.0.title' => 'Without it a reader cannot tell what the source is part of.',
        'containers.0.publisher' => 'Without a publisher that element is left out.',
        'containers.0.pages' => 'Without pages a reader has to search for the part.',
        'containers.0.volume' => 'Without a volume the article is hard to find.',
        'containers.0.url' => 'Without an address a reader cannot get there.',
    ];

    public function __construct(private ?Style $style)
    {
    }

    public function on(Source $source): array
    {
        $points = [];
        $reach = $source->accessMethod();
        foreach ($source->kind->fields as $field) {
            $need = $reach === null ? $field->need : ($reach->need($field) ?? Need::Optional);
            if ($need !== Need::Optional && ! self::filled($source, $field->path)) {
                $without = $this->without($source, $field);
                $points[] = new Point(
                    $need === Need::Required ? 'missing-required' : 'missing-expected',
                    $field->path,
                    trim("{$field->label} is still open. {$without}"),
                    soft: $need === Need::Expected,
                    without: $without,
                );
            }
        }
        if (count($points) > 0 && self::identifying($source) < 3) {
            $points[] = new Point('too-little', 'title.main', 'Too little is known yet for a reader to find this '
                .'source: fewer than three of author, title, container, publisher, date and address.');
        }

        return array_values(array_filter($points, static fn (Point $point): bool => ! self::isCovered($source, $point->field)));
    }

    /** What the style does without the field, as a sentence; '' where there is nothing to say. */
    private function without(Source $source, Field $field): string
    {
        if ($field->path !== 'containers.0.date') {
            return self::WITHOUT[$field->path] ?? '';
        }

        return match ($this->style?->family()) {
            'apa' => 'Without a date the entry says “n.d.”.',
            'mla' => $source->container()->url === '' ? 'Without a date that element is left out.' : 'Without a date the entry gives the day you read it.',
            default => '',
        };
    }

    /**
     * An element another one stands in for: a DOI for pages and address, a description for a title, a status for a
     * date.
     */
    private static function isCovered(Source $source, string $path): bool
    {
        $container = $source->container();
        $second = $source->containers[1] ?? null;

        return match ($path) {
            'containers.0.url', 'containers.0.doi' => $container->doi.$container->url.$second?->url.$second?->doi !== '',
            'containers.0.pages' => $container->articleNumber.$container->doi.$container->url !== '' || $container->status !== '',
            'containers.0.volume', 'containers.0.issue' => $container->status !== '' || ($path === 'containers.0.issue' && $container->volume !== ''),
            'containers.0.date' => $container->status !== '',
            'containers.0.publisher' => $container->title !== '' && $container->url !== '',
            'title.main' => $source->genre.$source->subject !== '',
            default => false,
        };
    }

    private static function filled(Source $source, string $path): bool
    {
        if (str_ends_with($path, 'contributors')) {
            $people = $path === 'contributors' ? $source->contributors : $source->container()->contributors;
            foreach ($people as $one) {
                if (! $one->name->isEmpty()) {
                    return true;
                }
            }

            return false;
        }
        $keys = explode('.', $path);
        $value = match ($keys[0]) {
            'title' => $source->title->{$keys[1]},
            'containers' => (string) (($source->containers[(int) $keys[1]] ?? new Container)->{$keys[2]}),
            'original' => $source->original->{$keys[1]},
            default => $source->{$keys[0]},
        };

        return $value !== '';
    }

    private static function identifying(Source $source): int
    {
        $container = $source->container();

        return count(array_filter([$source->primaryContributors() !== [], ! $source->title->isEmpty(), $container->title !== '', $container->publisher !== '', ! $source->date()->isNone(), $container->url.$container->doi !== '']));
    }
}
