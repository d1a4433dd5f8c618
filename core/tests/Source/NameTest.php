<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\Name;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameTest extends TestCase
{
    /** @param  array<string, string>  $parts */
    #[DataProvider('typed')]
    public function test_a_typed_name_is_taken_apart(string $typed, array $parts): void
    {
        self::assertSame($parts, Name::parse($typed)->toArray());
    }

    /** @return iterable<array{string, array<string, string>}> */
    public static function typed(): iterable
    {
        yield ['Halima Brook', ['given' => 'Halima', 'family' => 'Brook']];
        yield ['  Brook,   Halima ', ['given' => 'Halima', 'family' => 'Brook']];
        yield ['Lotte Varga-Brandt', ['given' => 'Lotte', 'family' => 'Varga-Brandt']];
        yield ['Marten J. Oake Jr.', ['given' => 'Marten J.', 'family' => 'Oake', 'suffix' => 'Jr.']];
        yield ['Marten Oake, Jr.', ['given' => 'Marten', 'family' => 'Oake', 'suffix' => 'Jr.']];
        yield ['Oake,, Marten', ['given' => 'Marten', 'family' => 'Oake']];
        yield ['Oake, V.', ['given' => 'V.', 'family' => 'Oake']];
        yield ['Oake, V', ['given' => 'V', 'family' => 'Oake']];
        yield ['Oake, V, Marten', ['given' => 'Marten', 'family' => 'Oake', 'suffix' => 'V']];
        yield ['Marten J. Oake V', ['given' => 'Marten J.', 'family' => 'Oake', 'suffix' => 'V']];
        yield ['van der Oake, Jr., Marten', ['given' => 'Marten', 'family' => 'Oake', 'particle' => 'van der', 'suffix' => 'Jr.']];
        yield ['Oake, Marten, III', ['given' => 'Marten', 'family' => 'Oake', 'suffix' => 'III']];
        yield ['Ana van der Berg', ['given' => 'Ana', 'family' => 'Berg', 'particle' => 'van der']];
        yield ['dos Reis, Joana', ['given' => 'Joana', 'family' => 'Reis', 'particle' => 'dos']];
        yield ['Sellanor', ['family' => 'Sellanor']];
        yield ['Дарья Морская', ['given' => 'Дарья', 'family' => 'Морская']];
        yield ['نور القصب', ['given' => 'نور', 'family' => 'القصب']];
        yield ['Zoë 🌊 Brandström', ['given' => 'Zoë 🌊', 'family' => 'Brandström']];
        yield ['', []];
    }

    public function test_a_group_is_recognised_by_its_words(): void
    {
        foreach (['Northmere Heritage Trust', 'Dusk Survey', 'Ministry of Tides', 'NHT', 'The Lamplighters'] as $group) {
            self::assertTrue(Name::looksLikeGroup($group), $group);
        }
        foreach (['Halima Brook', 'Brook, Halima', 'Ana van der Berg', 'Sellanor'] as $person) {
            self::assertFalse(Name::looksLikeGroup($person), $person);
        }
    }

    public function test_a_name_nobody_said_more_of_is_a_group_where_it_looks_like_one(): void
    {
        self::assertEquals(Name::group('Fennmouth Tide Survey'), Name::guessed('Fennmouth Tide Survey'));
        self::assertEquals(Name::person('Halima', 'Brook'), Name::guessed('Halima Brook'));
    }

    public function test_every_kind_of_name_survives_json(): void
    {
        $names = [
            Name::person('Ana', 'Berg', 'van der', '', 'Jr.'),
            Name::person('Seo-yun', 'Han', familyFirst: true),
            Name::group('Dusk Survey'),
            Name::screen('@millfan77', 'Piet', 'Ilves'),
        ];
        foreach ($names as $name) {
            self::assertEquals($name, Name::fromArray($name->toArray()));
        }
    }
}
