<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests;

use Bibrel\Core\Check\Check;
use Bibrel\Core\Format\Exchange\Bibtex;
use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Exchange\Ris;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Read\Catalogue\RegistryRecord;
use Bibrel\Core\Read\Catalogue\SruAnswer;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Charset;
use Bibrel\Core\Text\Run;

/**
 * What the core makes of everything it is tried on, one line a result, kept in core/tests/golden. Right or wrong is not
 * its question (the conformance cases ask that): it tells what a change has changed. `bin/golden` shows the differences.
 */
final class Golden
{
    public const FOLDER = __DIR__.'/golden';

    /** @return array<string, callable(): iterable<string>> the lines of each file, by its name */
    public static function files(): array
    {
        return [
            'cases.txt' => self::cases(...),
            'kinds.txt' => self::kinds(...),
            'orders.txt' => self::orders(...),
            'issues.txt' => self::issues(...),
            'forms.txt' => self::forms(...),
            'exchange.txt' => self::exchange(...),
            'records-read.txt' => self::recordsRead(...),
            'citations-read.txt' => self::citationsRead(...),
            'pages-read.txt' => self::pagesRead(...),
        ];
    }

    /** @return iterable<string> every conformance source in every edition, with the field and rule of each run */
    private static function cases(): iterable
    {
        foreach (self::conformance() as $name => $source) {
            foreach (Styles::all() as $id => $style) {
                $runs = $style->entry($source, new CourseRules, new EntryContext);
                yield "{$name} · {$id} · ".Inline::html($runs);
                yield "{$name} · {$id} · ".self::told($runs);
            }
        }
    }

    /** @return iterable<string> every kind, filled in several ways, in every edition, with its in-text citations */
    private static function kinds(): iterable
    {
        foreach (self::made() as $name => $source) {
            foreach (Styles::all() as $id => $style) {
                foreach (['auto', 'always'] as $access) {
                    $course = new CourseRules(Inclusion::from($access), medium: Inclusion::from($access));
                    $runs = $style->entry($source, $course, new EntryContext);
                    yield "{$name} · {$id} · {$access} · ".Inline::html($runs);
                }
                if (str_ends_with($name, '· all')) {
                    yield "{$name} · {$id} · ".self::told($runs);
                }
                $mentions = [new CitationContext(new Locator('page', '15-7')), new CitationContext(new Locator('time', '1:20'), true), new CitationContext(first: false)];
                $cited = array_map(static fn (CitationContext $one): string => Inline::html($style->citation($source, $one, new EntryContext)), $mentions);
                yield "{$name} · {$id} · ".implode(' | ', $cited);
            }
        }
    }

    /** @return iterable<string> the order of all sources together and what each must know of its neighbours */
    private static function orders(): iterable
    {
        $sources = [];
        foreach ([self::conformance(), self::made()] as $some) {
            foreach ($some as $name => $source) {
                $sources[] = Source::fromArray(['id' => $name] + $source->toArray(), Kinds::all());
            }
        }
        foreach (Styles::all() as $id => $style) {
            $page = Page::compose($sources, $style, new CourseRules);
            foreach ([...$page->entries, ...$page->leftOut] as $entry) {
                yield "{$id} · {$entry->id} · ".self::json(array_diff_assoc((array) $entry->context, (array) new EntryContext));
            }
        }
    }

    /** @return iterable<string> */
    private static function issues(): iterable
    {
        foreach ([self::conformance(), self::made()] as $some) {
            foreach ($some as $name => $source) {
                foreach (['mla-9', 'apa-7'] as $id) {
                    foreach ((new Check(Styles::get($id), 20270304))->issues($source) as $issue) {
                        yield "{$name} · {$id} · ".self::json([$issue->id, $issue->field, $issue->sentence, $issue->severity->value, $issue->fix?->toArray(), $issue->about, $issue->without]);
                    }
                }
            }
        }
    }

    /** @return iterable<string> each kind's form in both orders, and how one may get at it */
    private static function forms(): iterable
    {
        foreach (Kinds::all()->list() as $kind) {
            yield implode(' · ', [$kind->id, $kind->label, $kind->group, $kind->searchTerms, implode(',', array_map(static fn (Role $one): string => $one->value, $kind->roles))]);
            foreach ($kind->fields() as $field) {
                $needs = array_map(static fn ($reach): string => $reach->value.'='.($reach->need($field)->value ?? 'none'), $kind->accessMethods);
                yield "{$kind->id} · ".self::json(array_values($field->toArray())).' · '.implode(',', $needs);
            }
            yield "{$kind->id} · apa · ".implode(' ', array_map(static fn (Field $field): string => (string) $field->path, Styles::get('apa-7')->fields($kind)));
        }
    }

    /** @return iterable<string> every source out of the house and back, through each exchange format */
    private static function exchange(): iterable
    {
        foreach ([self::conformance(), self::made()] as $some) {
            foreach ($some as $name => $source) {
                if (preg_match('/· (?:required|expected|print|no .*|a group)$/u', $name) === 1) {
                    continue;
                }
                yield "{$name} · csl-json · ".self::json((new CslJson)->item($source));
                $bibtex = (new Bibtex)->write([$source]);
                yield "{$name} · bibtex · ".strtr($bibtex, ["\n" => '⏎']);
                yield "{$name} · from bibtex · ".self::json((new Bibtex)->read($bibtex)[0]->toArray());
                $ris = (new Ris)->write([$source]);
                yield "{$name} · ris · ".strtr($ris, ["\r\n" => '⏎']);
                yield "{$name} · from ris · ".self::json((new Ris)->read($ris)[0]->toArray());
            }
        }
    }

    /** @return iterable<string> records of a library's catalogue and of a registry of articles */
    private static function recordsRead(): iterable
    {
        $records = SruAnswer::parse((string) file_get_contents(__DIR__.'/records/catalogue.xml'))->records;
        foreach (json_decode((string) file_get_contents(__DIR__.'/records/registry.json'), true) as $item) {
            $records[] = new RegistryRecord($item);
        }
        foreach ($records as $n => $record) {
            yield "record {$n} · ".$record->particulars();
            yield from self::reading("record {$n}", $record->reading());
        }
    }

    /** @return iterable<string> every expected entry, read back as somebody's finished citation */
    private static function citationsRead(): iterable
    {
        foreach (self::conformanceFiles('entries') as $file => $cases) {
            foreach ($cases as $case) {
                foreach (array_keys(Styles::all()) as $id) {
                    if (isset($case[$id])) {
                        yield from self::citationRead("{$file} · {$case['name']} · {$id}", strip_tags($case[$id]));
                    }
                }
            }
        }
    }

    /** @return iterable<string> */
    private static function citationRead(string $name, string $citation): iterable
    {
        try {
            yield from self::reading($name, (new FinishedCitation($citation))->reading());
        } catch (Unreadable $unreadable) {
            yield "{$name} · {$unreadable->getMessage()}";
        }
    }

    /** @return iterable<string> every saved page */
    private static function pagesRead(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/accuracy/sets.json'), true) as $set) {
            foreach (json_decode((string) file_get_contents(__DIR__."/accuracy/{$set['set']}.json"), true) as $truth) {
                $html = (new Charset((string) file_get_contents(__DIR__."/accuracy/{$set['set']}/{$truth['page']}")))->toUtf8();
                yield from self::reading("{$set['set']}/{$truth['page']}", WebPage::read($html, $truth['url']));
            }
        }
    }

    /** @return iterable<string> */
    private static function reading(string $name, Reading $reading): iterable
    {
        yield "{$name} · kind {$reading->kind}";
        foreach ($reading->findings as $finding) {
            $others = array_map(static fn (Finding $one): string => self::value($one), $finding->alternatives);
            yield implode(' · ', ["{$name} · {$finding->field}", self::value($finding), $finding->confidence->value, $finding->evidence->where, ...$others]);
        }
        foreach ($reading->issues as $issue) {
            yield "{$name} · issue ".self::json([$issue->id, $issue->field, $issue->sentence, $issue->about]);
        }
    }

    private static function value(Finding $finding): string
    {
        return is_string($finding->value) ? $finding->value : self::json(array_map(static fn (Contributor $one): array => $one->toArray(), $finding->value));
    }

    /** @return iterable<string, Source> */
    private static function conformance(): iterable
    {
        foreach (['entries', 'citations'] as $folder) {
            foreach (self::conformanceFiles($folder) as $file => $cases) {
                foreach ($cases as $case) {
                    yield "{$file} · {$case['name']}" => isset($case['source']) ? Source::fromArray($case['source'], Kinds::all()) : (new CslJson)->source($case['item']);
                }
            }
        }
    }

    /** @return iterable<string, list<array<string, mixed>>> */
    private static function conformanceFiles(string $folder): iterable
    {
        foreach (glob(__DIR__."/conformance/{$folder}/*.json") ?: [] as $file) {
            yield basename($file, '.json') => json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
        }
    }

    /** @return iterable<string, Source> sources of every kind, filled in from the examples of its form */
    private static function made(): iterable
    {
        foreach (Kinds::all()->list() as $kind) {
            $all = self::filled($kind, static fn (Field $field): bool => true);
            yield "{$kind->id} · all" => Source::fromArray($all, Kinds::all());
            yield "{$kind->id} · required" => Source::fromArray(self::filled($kind, static fn (Field $field): bool => $field->need->value === 'required'), Kinds::all());
            yield "{$kind->id} · expected" => Source::fromArray(self::filled($kind, static fn (Field $field): bool => $field->need->value !== 'optional'), Kinds::all());
            $print = $all;
            foreach ($print['containers'] as $i => $container) {
                $print['containers'][$i] = array_diff_key($container, ['url' => 1, 'doi' => 1]);
            }
            yield "{$kind->id} · print" => Source::fromArray(['containers' => array_slice($print['containers'], 0, 1), 'reached' => 'print'] + $print, Kinds::all());
            $bare = array_diff_key($all, ['contributors' => 1, 'genre' => 1]);
            unset($bare['containers'][0]['date'], $bare['containers'][0]['doi'], $bare['containers'][0]['status']);
            yield "{$kind->id} · no author, no date" => Source::fromArray($bare, Kinds::all());
            $several = ['title' => ['main' => '']] + $all;
            foreach ($kind->roles as $n => $role) {
                $several['contributors'][] = ['role' => $role->value, 'name' => ['given' => 'Halima', 'family' => "Brook{$n}"]];
                $several['contributors'][] = ['role' => $role->value, 'name' => ['given' => 'Piet', 'family' => "Ilves{$n}", 'suffix' => 'Jr.']];
            }
            yield "{$kind->id} · no title, many people" => Source::fromArray($several, Kinds::all());
            yield "{$kind->id} · titled, many people" => Source::fromArray(['title' => $all['title'], 'genre' => 'Technical report', 'medium' => 'Oil on canvas'] + $several, Kinds::all());
            $group = ['contributors' => [['role' => $kind->roles[0]->value ?? 'author', 'name' => ['group' => 'Northmere Heritage Trust']]]] + $all;
            yield "{$kind->id} · a group" => Source::fromArray($group, Kinds::all());
        }
    }

    /**
     * @param  callable(Field): bool  $wanted
     * @return array<string, mixed>
     */
    private static function filled(Kind $kind, callable $wanted): array
    {
        $json = ['id' => $kind->id, 'kind' => $kind->id, 'title' => [], 'contributors' => [], 'containers' => [[]]];
        foreach ($kind->fields() as $field) {
            if (! $wanted($field)) {
                continue;
            }
            $keys = explode('.', $field->path->key);
            $people = [['role' => count($keys) > 1 ? 'editor' : ($kind->roles[0]->value ?? 'author'), 'name' => ['given' => 'Lotte', 'family' => 'Varga-Brandt']]];
            $value = end($keys) === 'contributors' ? $people : $field->example;
            $node = &$json;
            foreach ($keys as $key) {
                $node = &$node[$key];
            }
            $node = $value;
            unset($node);
        }

        return $json;
    }

    /** @param  list<Run>  $runs */
    private static function told(array $runs): string
    {
        return implode(' ', array_map(static fn (Run $run): string => "{$run->rule}@{$run->field}", $runs));
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }
}
