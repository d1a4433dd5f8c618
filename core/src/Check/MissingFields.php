<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\FieldGuide;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Need;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/** Expected fields that are empty, and what the style does without them. */
final readonly class MissingFields implements Checks
{
    public function __construct(private ?Style $style)
    {
    }

    public function on(Source $source): array
    {
        $issues = [];
        $method = $source->accessMethod();
        foreach ($source->kind->fields() as $field) {
            $need = $method === null ? $field->need : ($method->need($field) ?? Need::Optional);
            if ($need !== Need::Optional && ! $source->has($field->path) && ! self::isCovered($source, $field->path)) {
                $issues[] = $this->missing($source, $field, $need);
            }
        }
        if ($issues !== [] && self::identifying($source) < 3 && ! self::isCovered($source, FieldPath::title())) {
            $sentence = 'Too little is known yet for a reader to find this source: fewer than three of '
                .self::listed($source->kind).'.';
            $issues[] = new Issue('too-little', FieldPath::title(), $sentence, Severity::Missing);
        }

        return $issues;
    }

    private function missing(Source $source, Field $field, Need $need): Issue
    {
        $without = $this->without($source, $field);

        return new Issue(
            $need === Need::Required ? 'missing-required' : 'missing-expected',
            $field->path,
            trim(self::label($source->kind, $field)." is still open. {$without}"),
            $need === Need::Required ? Severity::Missing : Severity::Hint,
            without: $without,
        );
    }

    /** What the style does without the field, as a sentence; '' where there is nothing to say. */
    private function without(Source $source, Field $field): string
    {
        return match ($field->path) {
            FieldPath::contributors() => 'Without one the entry begins with the title.',
            ContainerField::Title->at() => 'Without it a reader cannot tell what the source is part of.',
            ContainerField::Publisher->at() => 'Without one that element is left out.',
            ContainerField::Pages->at() => 'Without pages a reader has to search for the part.',
            ContainerField::Volume->at() => 'Without a volume the article is hard to find.',
            ContainerField::Url->at() => 'Without an address a reader cannot get there.',
            ContainerField::Date->at() => $this->style?->withoutDate($source) ?? '',
            default => '',
        };
    }

    /** What the form calls a field; those who made it by what they do for its kind: a film has a director. */
    private static function label(Kind $kind, Field $field): string
    {
        return $field->path === FieldPath::contributors()
            && $field->label === FieldGuide::label(FieldPath::contributors())
            ? $kind->roles[0]->label()
            : $field->label;
    }

    /** The fields of a kind that help to find it, as the form calls them: "director, title, publisher and date". */
    private static function listed(Kind $kind): string
    {
        $paths = [
            FieldPath::contributors(), FieldPath::title(), ContainerField::Title->at(), ContainerField::Publisher->at(),
            ContainerField::Date->at(), ContainerField::Url->at(), ContainerField::Collection->at(),
        ];
        $labels = [];
        foreach ($paths as $path) {
            $field = $kind->fieldAt($path);
            // What the form says after a comma helps there, and not in a list.
            $label = $field === null ? '' : lcfirst(explode(',', self::label($kind, $field))[0]);
            $labels[] = $path === ContainerField::Date->at() && $label !== '' ? 'date' : $label;
        }
        $labels = array_values(array_unique(array_filter($labels)));
        $last = array_pop($labels);

        return implode(', ', $labels)." and {$last}";
    }

    /**
     * An element another one stands in for: a DOI for pages and address, a description for a title, a status for a
     * date.
     */
    private static function isCovered(Source $source, FieldPath $path): bool
    {
        $container = $source->container();
        $second = $source->containers[1] ?? new Container;
        $has = static fn (string ...$values): bool => implode('', $values) !== '';

        return match ($path) {
            ContainerField::Url->at(),
            ContainerField::Doi->at() => $has($container->doi, $container->url, $second->url, $second->doi),
            ContainerField::Pages->at() => $has($container->articleNumber, $container->doi, $container->url, $container->status),
            ContainerField::Volume->at() => $has($container->status),
            ContainerField::Issue->at() => $has($container->status, $container->volume),
            ContainerField::Date->at() => $has($container->status),
            ContainerField::Publisher->at() => $has($container->title) && $has($container->url),
            FieldPath::title() => $has($source->genre, $source->subject),
            default => false,
        };
    }

    private static function identifying(Source $source): int
    {
        $container = $source->container();

        return count(array_filter([
            $source->primaryContributors() !== [],
            ! $source->title->isEmpty(),
            $container->title !== '',
            $container->publisher !== '',
            ! $source->date()->isNone(),
            $container->url.$container->doi.$container->collection !== '',
        ]));
    }
}
