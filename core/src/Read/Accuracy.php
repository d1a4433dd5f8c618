<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\PartialDate;

/**
 * How often a reading is right, field by field, against what a person found on the same pages.
 *
 * What a person found is one string a field: answers that will do are parted by "|", authors by "; ", and an empty
 * answer says that the page does not tell. A value counts as given when it is filled in, not when it is only offered.
 */
final class Accuracy
{
    private const FIELDS = [
        'kind', 'title', 'authors', 'site', 'date', 'publisher', 'volume', 'issue', 'pages', 'doi', 'database',
        'number', 'episode', 'version', 'medium', 'language',
    ];

    /** @var array<string, array{given: int, right: int, there: int, found: int}> */
    private array $counts = [];

    /** @var list<string> one line for each value that is wrong or missing */
    public array $slips = [];

    /** @param  array<string, string>  $truth  by field, and the page's `url` */
    public function add(Reading $reading, array $truth): void
    {
        $given = self::given($reading);
        foreach (self::FIELDS as $field) {
            if (! isset($truth[$field])) {
                continue;
            }
            $answers = array_map(self::folded(...), explode('|', $truth[$field]));
            $value = self::folded($given[$field]);
            $right = in_array($value, $answers, true);
            $count = &$this->counts[$field];
            $count ??= ['given' => 0, 'right' => 0, 'there' => 0, 'found' => 0];
            $isThere = ! in_array('', $answers, true);
            $count['given'] += $value === '' ? 0 : 1;
            $count['right'] += $value !== '' && $right ? 1 : 0;
            $count['there'] += $isThere ? 1 : 0;
            $count['found'] += $isThere && $right ? 1 : 0;
            if (! $right) {
                $this->slips[] = "{$truth['url']}  {$field}: ".($value === '' ? 'missing' : "“{$given[$field]}”")
                    .", should be “{$truth[$field]}”";
            }
            unset($count);
        }
    }

    /**
     * @return array<string, array{precision: float, recall: float, given: int, there: int}> in percent, by field and
     *         for all
     */
    public function table(): array
    {
        $all = ['given' => 0, 'right' => 0, 'there' => 0, 'found' => 0];
        $rows = [];
        foreach (self::FIELDS as $field) {
            if (isset($this->counts[$field])) {
                $rows[$field] = self::row($this->counts[$field]);
                foreach ($all as $key => $sum) {
                    $all[$key] = $sum + $this->counts[$field][$key];
                }
            }
        }

        return [...$rows, 'all fields' => self::row($all)];
    }

    /**
     * A wrong author counts five times a missing one.
     *
     * @return array{wrong: int, missing: int, cost: int}
     */
    public function authors(): array
    {
        $count = $this->counts['authors'] ?? ['given' => 0, 'right' => 0, 'there' => 0, 'found' => 0];
        $wrong = $count['given'] - $count['right'];
        $missing = count(
            array_filter($this->slips, static fn (string $slip): bool => str_contains($slip, 'authors: missing')),
        );

        return ['wrong' => $wrong, 'missing' => $missing, 'cost' => 5 * $wrong + $missing];
    }

    /**
     * @param  array{given: int, right: int, there: int, found: int}  $count
     * @return array{precision: float, recall: float, given: int, there: int}
     */
    private static function row(array $count): array
    {
        $percent = static fn (int $part, int $of): float => $of === 0 ? 100.0 : round(100 * $part / $of, 1);

        return [
            'precision' => $percent($count['right'], $count['given']),
            'recall' => $percent($count['found'], $count['there']),
            'given' => $count['given'],
            'there' => $count['there'],
        ];
    }

    /** @return array<string, string> */
    private static function given(Reading $reading): array
    {
        $source = $reading->source();
        $container = $source->container();
        $plain = static fn (string $text): string => strip_tags($text);

        return [
            'kind' => $source->kind->id,
            'title' => $plain($source->title->full()),
            'authors' => implode(
                '; ',
                array_map(static fn (Contributor $one): string => $one->name->direct(), $source->contributors),
            ),
            'site' => $container->title,
            'date' => $container->date()->edtf(),
            'publisher' => $container->publisher,
            'volume' => $container->volume,
            'issue' => $container->issue,
            'pages' => $container->pages,
            'doi' => $container->doi !== '' ? $container->doi : ($source->containers[1]->doi ?? ''),
            'database' => $source->containers[1]->title ?? '',
            'number' => $container->number,
            'episode' => $container->episode,
            'version' => $container->version,
            'medium' => $source->medium,
            'language' => $source->language,
        ];
    }

    /** Curly and straight quotation marks are one, and so are letter cases of a kind no style keeps. */
    private static function folded(string $text): string
    {
        $date = PartialDate::parse($text);

        return $date->isDate()
            ? $date->edtf()
            : mb_strtolower(strtr(trim($text), ['’' => "'", '‘' => "'", '“' => '"', '”' => '"', '–' => '-']));
    }
}
