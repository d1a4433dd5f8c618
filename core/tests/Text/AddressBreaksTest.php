<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Text;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Text\AddressBreaks;
use Bibrel\Core\Text\Run;
use PHPUnit\Framework\TestCase;

final class AddressBreaksTest extends TestCase
{
    public function test_an_address_breaks_after_slashes_and_before_other_marks(): void
    {
        self::assertSame(
            ['https://www.slackwater.example/', 'mills/', 'twice', '-a', '-day', '?page', '=2', '&lang', '=en', '#end'],
            (new AddressBreaks('https://www.slackwater.example/mills/twice-a-day?page=2&lang=en#end'))->pieces(),
        );
        self::assertSame(['10.5555/', 'njfe', '.2022', '.0802'], (new AddressBreaks('10.5555/njfe.2022.0802'))->pieces());
        self::assertSame(['plain'], (new AddressBreaks('plain'))->pieces());
    }

    public function test_only_addresses_are_marked_and_nothing_of_them_is_lost(): void
    {
        $url = new Run('www.slackwater.example/mills/that-ran-twice-a-day', 'mla.url', ContainerField::Url->at());
        self::assertSame($url->text, str_replace(AddressBreaks::MARK, '', $url->breakable()));
        self::assertStringContainsString(AddressBreaks::MARK, $url->breakable());
        $short = new Run('www.slackwater.example/a-b', 'mla.url', ContainerField::Url->at());
        self::assertSame($short->text, $short->breakable(), 'A short one leaves no gap.');
        $title = new Run('To-do: and/or', 'mla.title');
        self::assertSame($title->text, $title->breakable());
    }
}
