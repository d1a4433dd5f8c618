<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Lookup\AddressGuard;
use Bibrel\App\Lookup\Deadline;
use Bibrel\App\Lookup\Fetcher;
use Bibrel\App\Lookup\HostMap;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Lookup\Reason;
use Bibrel\App\Lookup\Wanted;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use PHPUnit\Framework\Attributes\DataProvider;

final class SecurityTest extends AppTestCase
{
    public function test_every_answer_carries_the_security_headers(): void
    {
        foreach (['/', '/api/papers', '/api/none', '/papers/01ARZ3NDEKTSV4RRFFQ69G5FAV'] as $path) {
            $headers = $this->get($path)->headers;
            $policy = (string) $headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy, $path);
            self::assertStringContainsString("script-src 'self';", $policy);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertSame(['nosniff', 'DENY', 'same-origin'], [$headers->get('X-Content-Type-Options'), $headers->get('X-Frame-Options'), $headers->get('Referrer-Policy')]);
        }
    }

    public function test_a_write_without_the_token_is_refused(): void
    {
        // The framework waves the token through while it runs unit tests; here it must not.
        $this->app->bind(ValidateCsrfToken::class, fn ($app) => new class($app, $app['encrypter']) extends ValidateCsrfToken
        {
            protected function runningUnitTests(): bool
            {
                return false;
            }
        });
        $this->putJson('/api/papers/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['version' => 0, 'title' => 'x', 'style' => 'mla-9'])->assertStatus(419)->assertJsonPath('title', 'The page has been open for a long time');
        $this->deleteJson('/api/papers/01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertStatus(419);
    }

    public function test_a_forged_guest_cookie_opens_nothing(): void
    {
        $paper = $this->newPaper();
        $this->defaultCookies = [];
        $this->withUnencryptedCookie(Guest::COOKIE, $this->guest);
        $this->getJson("/api/papers/{$paper}")->assertNotFound();
    }

    public function test_the_guest_cookie_is_out_of_reach_for_scripts_and_other_sites(): void
    {
        $this->defaultCookies = [];
        $cookie = collect($this->get('/')->headers->getCookies())->first(static fn ($one): bool => $one->getName() === Guest::COOKIE);
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
    }

    /** @param  list<string>  $addresses */
    #[DataProvider('closed')]
    public function test_no_lookup_reaches_into_a_private_network(string $url, array $addresses): void
    {
        $guard = new AddressGuard(static fn (): array => $addresses);
        $this->expectException(LookupFailed::class);
        $this->expectExceptionMessage('private network');
        $guard->addresses($guard->parts($url)['host']);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function closed(): iterable
    {
        yield 'loopback' => ['http://a.example/', ['127.0.0.1']];
        yield 'loopback, IPv6' => ['http://[::1]/', ['::1']];
        yield 'private 10' => ['http://a.example/', ['10.1.2.3']];
        yield 'private 172' => ['http://a.example/', ['172.20.0.1']];
        yield 'private 192' => ['https://a.example/', ['192.168.1.1']];
        yield 'metadata service' => ['http://169.254.169.254/', ['169.254.169.254']];
        yield 'carrier network' => ['http://a.example/', ['100.64.0.9']];
        yield 'mapped into IPv6' => ['http://a.example/', ['::ffff:127.0.0.1']];
        yield 'translated into IPv6' => ['http://a.example/', ['64:ff9b::7f00:1']];
        yield 'unique local IPv6' => ['http://a.example/', ['fd00::1']];
        yield 'link-local IPv6' => ['http://a.example/', ['fe80::1']];
        yield 'a cloud’s own services' => ['http://a.example/', ['168.63.129.16']];
        yield 'translated the other way' => ['http://a.example/', ['::ffff:0:127.0.0.1']];
        yield 'nowhere' => ['http://a.example/', ['0.0.0.0']];
        yield 'one good address next to a closed one' => ['http://a.example/', ['93.184.215.14', '10.0.0.1']];
    }

    public function test_odd_spellings_of_loopback_are_seen_through(): void
    {
        foreach (['127.1', '0x7f.0.0.1', '2130706433', '017700000001', 'localhost'] as $host) {
            try {
                (new AddressGuard)->addresses($host);
                self::fail("{$host} went through.");
            } catch (LookupFailed $failure) {
                self::assertMatchesRegularExpression('/private network|no site called/', $failure->getMessage(), $host);
            }
        }
    }

    /**
     * Every way to spell an address of this machine, a private network or a cloud that a browser or a library takes.
     */
    #[DataProvider('spellings')]
    public function test_no_spelling_of_a_closed_address_gets_past_the_guard(string $url): void
    {
        $guard = new AddressGuard;
        try {
            self::fail("{$url} went through to ".implode(', ', $guard->addresses($guard->parts($url)['host'])));
        } catch (LookupFailed $failure) {
            self::assertContains($failure->reason, [Reason::ClosedNetwork, Reason::UnknownHost, Reason::NoAddress, Reason::ClosedPort]);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function spellings(): iterable
    {
        $hosts = [
            '127.0.0.1', '127.1', '127.0.1', '0177.0.0.1', '0x7f.0.0.1', '0x7f000001', '2130706433', '017700000001', '127.0.0.1.', '127.255.255.254',
            'localhost', 'LOCALHOST', 'localhost.', '0', '0.0.0.0', '0x0', '00000000', '10.0.0.1', '10.1', '012.0.0.1', '0xa.0.0.1', '167772161',
            '172.16.0.1', '172.31.255.255', '0xac.0x10.0.1', '2886729729', '192.168.0.1', '192.168.1', '0xc0a80001', '3232235521',
            '169.254.169.254', '0xa9fea9fe', '2852039166', '0251.0376.0251.0376', '168.63.129.16', '0xa83f8110', '2822734096', '100.64.0.1', '100.127.255.255',
            '192.0.0.1', '192.0.2.1', '198.18.0.1', '198.51.100.1', '203.0.113.1', '224.0.0.1', '239.255.255.255', '240.0.0.1', '255.255.255.255',
            '[::1]', '[::]', '[0:0:0:0:0:0:0:1]', '[0000::0001]', '[::ffff:127.0.0.1]', '[::ffff:7f00:1]', '[::ffff:0:127.0.0.1]', '[::ffff:0:7f00:1]', '[::127.0.0.1]',
            '[::ffff:10.0.0.1]', '[::ffff:169.254.169.254]', '[64:ff9b::7f00:1]', '[64:ff9b:1::7f00:1]', '[2002:7f00:1::]', '[2001::1]', '[2001:db8::1]',
            '[fc00::1]', '[fd00:ec2::254]', '[fe80::1]', '[fec0::1]', '[ff02::1]', '[100::1]', '①②⑦.⓪.⓪.①', '１２７.０.０.１', '127。0。0。1',
        ];
        foreach ($hosts as $host) {
            yield "http {$host}" => ["http://{$host}/"];
        }
        foreach (['http://a@127.0.0.1/', 'http://a:b@localhost/', 'http://127.0.0.1:22/', 'https://localhost:3306/', 'file:///etc/passwd', 'gopher://127.0.0.1/', 'ftp://127.0.0.1/', 'dict://127.0.0.1/', 'http:///x', 'http://', '//127.0.0.1/', 'http://a.example:8080/', 'https://a.example:6379/'] as $url) {
            yield $url => [$url];
        }
    }

    public function test_an_open_address_goes_through(): void
    {
        self::assertSame(['93.184.215.14'], (new AddressGuard(static fn (): array => ['93.184.215.14']))->addresses('a.example'));
    }

    public function test_a_redirect_into_a_private_network_is_not_followed(): void
    {
        $this->expectException(LookupFailed::class);
        $this->expectExceptionMessage('private network');
        $this->app->make(Fetcher::class)->fetch(Wanted::page('https://www.northmereheritage.example/inside'), Deadline::in(5));
    }

    /** @param  non-empty-string  $to */
    #[DataProvider('inward')]
    public function test_no_redirect_leads_where_no_address_may(string $to): void
    {
        $from = Wanted::page('https://www.northmereheritage.example/onward?to='.rawurlencode($to));
        try {
            $this->app->make(Fetcher::class)->fetch($from, Deadline::in(5));
            self::fail("{$to} was followed.");
        } catch (LookupFailed $failure) {
            self::assertContains($failure->reason, [Reason::ClosedNetwork, Reason::UnknownHost, Reason::NoAddress, Reason::ClosedPort, Reason::Circle], $failure->getMessage());
        }
    }

    /** @return iterable<string, array{string}> */
    public static function inward(): iterable
    {
        foreach ([
            'http://127.0.0.1/', 'http://localhost/', 'http://2130706433/', 'http://0x7f.1/', 'http://[::1]/', 'http://[::ffff:127.0.0.1]/', 'http://10.0.0.1/', 'http://192.168.0.1/admin',
            'http://169.254.169.254/latest/', 'http://168.63.129.16/', 'http://[fd00:ec2::254]/', '//127.0.0.1/', 'http://0/', 'https://127.0.0.1:443/', 'http://www.slackwater.example:8080/',
            'file:///etc/passwd', 'gopher://127.0.0.1:6379/x', 'javascript:alert(1)', 'http://a:b@www.slackwater.example/', 'http://', 'data:text/html,x',
        ] as $to) {
            yield $to => [$to];
        }
    }

    public function test_the_stand_in_world_is_off_in_production(): void
    {
        $this->app['env'] = 'production';
        putenv('APP_ENV=production');
        $_ENV['APP_ENV'] = $_SERVER['APP_ENV'] = 'production';
        try {
            self::assertSame([], (require base_path('config/bibrel.php'))['extensions']);
        } finally {
            putenv('APP_ENV=testing');
            $_ENV['APP_ENV'] = $_SERVER['APP_ENV'] = 'testing';
        }
        self::assertNull((new HostMap)->portFor('www.slackwater.example', 443));
    }
}
