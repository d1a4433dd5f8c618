<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFinder;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KindsTest extends TestCase
{
    public function test_every_kind_has_a_form_with_help_in_both_orders(): void
    {
        $kinds = Kinds::all()->list();
        self::assertCount(count($kinds), array_unique(array_map(static fn (Kind $kind): string => $kind->label, $kinds)), 'Two kinds have one label.');
        foreach ($kinds as $kind) {
            $paths = array_map(static fn (Field $field): string => $field->path->key, $kind->fields());
            self::assertCount(count($paths), array_unique($paths), "{$kind->id} asks for a field twice.");
            foreach ($kind->fields() as $field) {
                self::assertNotSame('', $field->label.$field->what);
                self::assertNotSame('', $field->where, "{$kind->id} · {$field->path}");
            }
            $apa = array_map(static fn (Field $field): string => $field->path->key, Styles::get('apa-7')->fields($kind));
            self::assertEqualsCanonicalizing($paths, $apa);
            if (in_array('contributors', $apa, true) && in_array('containers.0.date', $apa, true)) {
                self::assertSame(['contributors', 'containers.0.date'], array_slice($apa, 0, 2), $kind->id);
            }
        }
    }

    #[DataProvider('words')]
    public function test_the_finder_knows_everyday_words(string $typed, string $kind): void
    {
        $found = array_map(static fn (Kind $one): string => $one->id, array_slice((new KindFinder(Kinds::all()))->find($typed)->kinds, 0, 3));
        self::assertContains($kind, $found, implode(', ', $found));
    }

    /** @return iterable<array{string, string}> */
    public static function words(): iterable
    {
        yield ['pic', 'photograph'];
        yield ['clip', 'online-video'];
        yield ['wiki', 'wiki-entry'];
        yield ['handout', 'class-notes'];
        yield ['lab report', 'report'];
        yield ['movie', 'film'];
        yield ['study', 'journal-article'];
        yield ['poem', 'chapter'];
        yield ['novel', 'book'];
        yield ['textbook', 'book'];
        yield ['podcast', 'podcast-episode'];
        yield ['tv', 'tv-episode'];
        yield ['chatbot', 'ai-text'];
        yield ['concert', 'live-performance'];
        yield ['bible', 'scripture'];
        yield ['letter to the editor', 'reader-letter'];
        yield ['phd', 'thesis'];
        yield ['game', 'video-game'];
        yield ['website', 'web-page'];
        yield ['law', 'statute'];
        yield ['lawsuit', 'court-case'];
        yield ['patent', 'patent'];
        yield ['app', 'app'];
        yield ['exhibit', 'exhibition'];
        yield ['poster', 'poster'];
        yield ['special issue', 'special-issue'];
        yield ['comic', 'graphic-novel'];
        yield ['translation', 'book'];
        yield ['biography', 'book'];
        yield ['op-ed', 'editorial'];
        yield ['interview', 'interview-own'];
        yield ['email', 'email'];
        yield ['text message', 'email'];
        yield ['infographic', 'illustration'];
        yield ['painting', 'artwork'];
        yield ['statistics', 'data-set'];
        yield ['dictionary', 'online-reference'];
        yield ['encyclopedia', 'online-reference'];
        yield ['vlog', 'online-video'];
        yield ['lyrics', 'song'];
        yield ['musical', 'live-performance'];
        yield ['speech', 'lecture'];
        yield ['primary source', 'archive-item'];
        yield ['flyer', 'pamphlet'];
        yield ['photos', 'photograph'];
    }

    /** A fact that one kind alone sets is a condition on that kind under another name. */
    public function test_every_fact_is_set_by_several_kinds(): void
    {
        $setters = [];
        foreach ((new \ReflectionMethod(Kind::class, '__construct'))->getParameters() as $fact) {
            $property = new \ReflectionProperty(Kind::class, $fact->getName());
            foreach ($fact->isDefaultValueAvailable() ? Kinds::all()->list() : [] as $kind) {
                $usual = $fact->getName() === 'accessMethods'
                    ? AccessMethod::usual($kind->containment)
                    : $fact->getDefaultValue();
                $setters[$fact->getName()][] = $property->getValue($kind) == $usual ? null : $kind->id;
            }
        }
        $setters = array_map(static fn (array $ids): array => array_values(array_filter($ids)), $setters);
        self::assertGreaterThan(30, count($setters));
        self::assertSame([], array_filter($setters, static fn (array $ids): bool => count($ids) < 2));
    }

    public function test_an_unknown_kind_is_the_general_one(): void
    {
        self::assertSame(Kinds::FALLBACK, Kinds::all()->get('no-such-kind')->id);
    }
}
