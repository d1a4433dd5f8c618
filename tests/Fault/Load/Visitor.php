<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault\Load;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Promise\PromiseInterface;
use Psr\Http\Message\ResponseInterface;

/**
 * One browser among many: cookies and an address of its own, and requests that go on side by side with everybody
 * else's.
 */
final class Visitor
{
    private static int $count = 0;

    public readonly CookieJar $cookies;

    public readonly string $address;

    /**
     * @param  ?self  $like  another tab of the same browser
     * @param  ?string  $address  where the requests come from; one of its own where none is given
     */
    public function __construct(
        private readonly Client $client,
        private readonly Figures $figures,
        ?self $like = null,
        ?string $address = null,
    ) {
        $n = ++self::$count;
        $this->address = $address ?? $like->address ?? '127.0.'.(1 + intdiv($n, 250)).'.'.(1 + $n % 250);
        $this->cookies = $like->cookies ?? new CookieJar;
    }

    /** The first page, which brings the cookies. */
    public function arrive(): PromiseInterface
    {
        return $this->client->requestAsync('GET', '/', $this->options());
    }

    /**
     * @param  array<string, mixed>|null  $body
     * @param  float  $after  seconds to wait before it is sent
     * @return PromiseInterface of an Answer
     */
    public function call(string $method, string $path, ?array $body = null, float $after = 0, string $counted = ''): PromiseInterface
    {
        $begun = microtime(true) + $after;
        $token = urldecode((string) $this->cookies->getCookieByName('XSRF-TOKEN')?->getValue());
        $options = [
            ...$this->options(),
            'headers' => ['Accept' => 'application/json', 'X-XSRF-TOKEN' => $token],
            ...($body === null ? [] : ['json' => $body]),
            ...($after > 0 ? ['delay' => (int) ($after * 1000)] : []),
        ];
        $answer = fn (int $status, string $text): Answer => new Answer($status, (array) json_decode($text, true), microtime(true) - $begun);

        return $this->client->requestAsync($method, "/api/{$path}", $options)->then(
            static fn (ResponseInterface $response): Answer => $answer($response->getStatusCode(), (string) $response->getBody()),
            // Nothing answered at all.
            static fn (\Throwable $error): Answer => $answer(0, (string) json_encode(['detail' => $error->getMessage()])),
        )->then(function (Answer $answer) use ($counted): Answer {
            if ($counted !== '') {
                $this->figures->count($counted, $answer);
            }

            return $answer;
        });
    }

    /** @return array<string, mixed> */
    private function options(): array
    {
        return ['cookies' => $this->cookies, 'http_errors' => false, 'timeout' => 60, 'curl' => [CURLOPT_INTERFACE => $this->address]];
    }
}
