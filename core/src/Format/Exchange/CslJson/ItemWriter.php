<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\CslJson;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;

/** Writes a source as a CSL-JSON item. What that cannot hold goes under `custom.bibrel` and comes back unharmed. */
final readonly class ItemWriter
{
    private const ROLES = [
        'author' => 'author', 'artist' => 'author', 'photographer' => 'author', 'speaker' => 'author',
        'interviewee' => 'author', 'creator' => 'author', 'inventor' => 'author', 'composer' => 'composer',
        'editor' => 'editor', 'translator' => 'translator', 'compiler' => 'compiler', 'illustrator' => 'illustrator',
        'director' => 'director', 'writer' => 'script-writer', 'producer' => 'producer',
        'executive-producer' => 'executive-producer', 'host' => 'host', 'narrator' => 'narrator',
        'performer' => 'performer', 'interviewer' => 'interviewer', 'recipient' => 'recipient',
        'reviewed-author' => 'reviewed-author', 'curator' => 'curator',
    ];

    public function __construct(private Source $source)
    {
    }

    /** @return array<string, mixed> */
    public function item(): array
    {
        $source = $this->source;
        $item = array_filter(
            [...$this->ownTexts(), ...$this->containerTexts($source->container())],
            static fn (string $value): bool => $value !== '',
        );
        $item = [...$item, ...$this->dates(), ...$this->names()];
        $csl = is_array($source->custom['csl'] ?? null) ? $source->custom['csl'] : [];
        $custom = array_diff_key($source->custom, ['csl' => true]);
        $item = [...$item, ...$csl];
        $lost = self::lost($source, $custom === [] ? $item : [...$item, 'custom' => $custom]);
        $custom = $lost === [] ? $custom : [...$custom, 'bibrel' => $lost];

        return $custom === [] ? $item : [...$item, 'custom' => $custom];
    }

    /** @return array<string, string> */
    private function ownTexts(): array
    {
        $source = $this->source;
        $genre = $source->kind->describesSubject() ? '' : ($source->genre ?: $source->kind->genres[0] ?? '');

        return [
            'id' => $source->id,
            'type' => $source->kind->csl,
            'title' => $source->title->full(),
            'title-short' => $source->title->short,
            'medium' => $source->medium,
            'genre' => $genre,
            'reviewed-genre' => $source->kind->describesSubject() ? $source->genre : '',
            'reviewed-title' => $source->subject,
            'language' => $source->language,
            'ISBN' => $source->isbn,
            'annote' => $source->annotation,
            'original-title' => $source->original->title,
            'original-publisher' => $source->original->publisher,
        ];
    }

    /** @return array<string, string> */
    private function containerTexts(Container $container): array
    {
        $database = $this->source->containers[1] ?? new Container;

        return [
            'container-title' => $container->title,
            'source' => $database->title,
            'publisher' => $container->publisher,
            'publisher-place' => $container->place,
            'edition' => $container->edition,
            'version' => $container->version,
            'volume' => $container->volume,
            'number-of-volumes' => $container->volumes,
            'issue' => $container->issue,
            'season' => $container->season,
            'number' => $this->source->kind->hasEpisodes() ? $container->episode : ($container->articleNumber ?: $container->number),
            'collection-title' => $container->series,
            'collection-number' => $container->seriesNumber,
            'page' => $container->pages,
            'section' => $container->section,
            'archive' => $container->collection,
            'status' => $container->status,
            'DOI' => $container->doi ?: $database->doi,
            'URL' => $container->url ?: $database->url,
        ];
    }

    /** @return array<string, array<string, mixed>> */
    private function dates(): array
    {
        $dates = [
            'issued' => $this->source->date(),
            'accessed' => $this->source->accessedOn(),
            'original-date' => $this->source->original->date(),
        ];

        return array_map(
            self::date(...),
            array_filter($dates, static fn (PartialDate $date): bool => ! $date->isNone()),
        );
    }

    /** @return array<string, list<array<string, string|bool>>> */
    private function names(): array
    {
        $names = [];
        foreach ([$this->source->contributors, $this->source->container()->contributors] as $level => $people) {
            foreach ($people as $one) {
                $isOfWhole = $level === 1 && $one->role === Role::Author;
                $variable = $isOfWhole ? 'container-author' : (self::ROLES[$one->role->value] ?? null);
                if ($variable !== null && ! $one->name->isEmpty()) {
                    $names[$variable][] = self::name($one->name);
                }
            }
        }

        return $names;
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed> the parts of the source that would not come back from the item alone
     */
    private static function lost(Source $source, array $item): array
    {
        $wanted = self::withoutIds($source->toArray());
        $back = (new ItemReader($item))->source()->toArray();
        $lost = [];
        foreach ($wanted + $back as $key => $value) {
            if ($key !== 'custom'
                && self::dated($wanted[$key] ?? null, $key) !== self::dated($back[$key] ?? null, $key)) {
                $lost[$key] = $wanted[$key] ?? (is_array($value) ? [] : '');
            }
        }

        return $lost;
    }

    /**
     * Which member of a list is which matters only while it is edited.
     *
     * @param  array<string, mixed>  $json  the source shape
     * @return array<string, mixed>
     */
    private static function withoutIds(array $json): array
    {
        $plain = static fn (array $one): array => array_diff_key($one, ['id' => true]);
        foreach ($json['containers'] ?? [] as $i => $container) {
            if (isset($container['contributors'])) {
                $json['containers'][$i]['contributors'] = array_map($plain, $container['contributors']);
            }
        }

        return isset($json['contributors'])
            ? [...$json, 'contributors' => array_map($plain, $json['contributors'])]
            : $json;
    }

    /**
     * The same value with its dates in one spelling, so that "19 August 2024" is not lost for coming back as
     * 2024-08-19.
     */
    private static function dated(mixed $value, string $key = ''): mixed
    {
        return match (true) {
            is_array($value) => array_combine(
                array_keys($value),
                array_map(
                    static fn (mixed $one, int|string $name): mixed => self::dated($one, (string) $name),
                    $value,
                    array_keys($value),
                ),
            ),
            is_string($value) && in_array($key, ['date', 'accessed'], true) => PartialDate::parse($value)->edtf(),
            default => $value,
        };
    }

    /** @return array<string, mixed> */
    private static function date(PartialDate $date): array
    {
        if ($date->year === null) {
            return ['literal' => $date->text];
        }
        $parts = static fn (PartialDate $one): array => array_values(
            array_filter(
                [$one->year, $one->isSeason() ? null : $one->month, $one->day],
                static fn (?int $part): bool => $part !== null,
            ),
        );

        return array_filter([
            'date-parts' => $date->end === null ? [$parts($date)] : [$parts($date), $parts($date->end)],
            'season' => $date->isSeason() ? (int) $date->month - 20 : null,
            'circa' => $date->circa ?: null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, string|bool> */
    private static function name(Name $name): array
    {
        if ($name->isGroup() || $name->isScreen()) {
            return ['literal' => $name->direct()];
        }

        return array_filter([
            'family' => $name->family,
            'given' => $name->given,
            'non-dropping-particle' => $name->particle,
            'dropping-particle' => $name->dropping,
            'suffix' => $name->suffix,
            'static-ordering' => $name->familyFirst,
        ], static fn (string|bool $value): bool => $value !== '' && $value !== false);
    }
}
