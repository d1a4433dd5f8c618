<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\SearchAddress;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchAddressTest extends TestCase
{
    /** @return array<string, array{string, bool, string, bool, bool}> address, preview, page after it, may search, is a search */
    public static function addresses(): array
    {
        return [
            'a page' => ['https://shores.example/mills/tide', false, '', false, false],
            'a preview that tells' => ['https://finder.example/imgres?imgurl=https%3A%2F%2Fa.example%2Fm.jpg&imgrefurl=https%3A%2F%2Fa.example%2Fmills', true, 'https://a.example/mills', false, false],
            'a preview that does not' => ['https://finder.example/imgres?imgurl=https%3A%2F%2Fa.example%2Fm.jpg', true, '', false, false],
            'no page, but a script' => ['https://finder.example/imgres?imgrefurl=javascript%3Aalert(1)', true, '', false, false],
            'the name of a page without a preview' => ['https://shores.example/go?ru=https%3A%2F%2Fa.example%2F', false, '', false, false],
            'a search' => ['https://finder.example/search?q=tide+mills', false, '', true, true],
            'a search with more' => ['https://finder.example/results/?lang=en&query=mills', false, '', true, true],
            'a page after a search' => ['https://library.example/search/record/88?q=mills', false, '', true, false],
            'a page with a word searched for' => ['https://library.example/record/88?searchterm=mills', false, '', true, false],
            'a page about searching' => ['https://shores.example/search', false, '', true, false],
        ];
    }

    #[DataProvider('addresses')]
    public function test_what_an_address_is(string $url, bool $preview, string $page, bool $may, bool $is): void
    {
        $address = new SearchAddress($url);
        self::assertSame([$preview, $page, $may, $is], [$address->isPreview(), $address->pageBehind(), $address->maySearch(), $address->isSearch()]);
    }
}
