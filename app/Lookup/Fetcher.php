<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use GuzzleHttp\Exception\ConnectException;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use GuzzleHttp\Psr7\Exception\MalformedUriException;
use GuzzleHttp\Psr7\Uri;
use GuzzleHttp\Psr7\UriResolver;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Promises\LazyPromise;
use Psr\Http\Message\ResponseInterface;

/**
 * Fetches documents over HTTP: guarded at every redirect, limited in time and size. The only place that connects
 * anywhere.
 */
final readonly class Fetcher
{
    private const CONNECT_SECONDS = 5;

    public function __construct(
        private Factory $http,
        private AddressGuard $guard,
        private HostMap $hosts,
        private PageCache $memory,
        private HostLimiter $turns,
        private int $bytes,
        private int $redirects,
        private string $agent,
    ) {
    }

    /** @throws LookupFailed */
    public function fetch(Wanted $wanted, Deadline $deadline): FetchedPage
    {
        $page = $this->fetchAll([$wanted], $deadline, patient: true)[0];

        return $page instanceof LookupFailed ? throw $page : $page;
    }

    /**
     * Fetches documents side by side that a page does without where they do not come.
     *
     * @template K of array-key
     *
     * @param  array<K, Wanted>  $wanted
     * @return array<K, FetchedPage|LookupFailed>
     */
    public function fetchOptional(array $wanted, Deadline $deadline): array
    {
        return $this->fetchAll($wanted, $deadline, patient: false);
    }

    /**
     * @template K of array-key
     *
     * @param  array<K, Wanted>  $wanted
     * @param  bool  $patient  whether to wait for a turn where a host is asked by many
     * @return array<K, FetchedPage|LookupFailed>
     */
    private function fetchAll(array $wanted, Deadline $deadline, bool $patient): array
    {
        $handler = new CurlMultiHandler;
        $begun = [];
        foreach ($wanted as $key => $one) {
            $begun[$key] = $this->memory->recall($one) ?? $this->begun($one, $deadline, $handler, $patient);
        }
        $ended = Utils::settle($begun)->wait();
        $pages = [];
        foreach ($wanted as $key => $one) {
            $pages[$key] = $ended[$key]['value'] ?? self::failure($ended[$key]['reason'], $one);
            if ($pages[$key] instanceof FetchedPage) {
                $this->memory->keep($one, $pages[$key]);
            }
        }

        return $pages;
    }

    private static function failure(\Throwable $reason, Wanted $wanted): LookupFailed
    {
        return $reason instanceof LookupFailed ? $reason : LookupFailed::because(
            Reason::NoAddress,
            'This address cannot be opened as it stands. Copy it again from the browser’s address bar.',
            $wanted->url,
        );
    }

    /** One document, through all its redirects. */
    private function begun(
        Wanted $wanted,
        Deadline $deadline,
        CurlMultiHandler $handler,
        bool $patient,
    ): PromiseInterface {
        return Coroutine::of(function () use ($wanted, $deadline, $handler, $patient): \Generator {
            $url = $wanted->url;
            for ($hop = 0; $hop <= $this->redirects; $hop++) {
                $host = $this->guard->parts($url)['host'];
                $turn = $this->turns->take($host, $patient ? (int) ceil($deadline->left()) : 0);
                try {
                    /** @var Transfer $transfer */
                    $transfer = yield $this->transfer($url, $wanted, $deadline, $handler);
                } finally {
                    $turn->release();
                }
                $next = self::location($url, $transfer->response);
                if ($next === '') {
                    return yield $this->page($url, $transfer, $wanted);
                }
                $url = $next;
            }
            throw LookupFailed::because(
                Reason::Circle,
                'This page sends visitors round in a circle and never opens. Open it in the browser and copy the '
                    .'address it ends at.',
                $url,
            );
        });
    }

    /**
     * One request. Whatever the address spells, the connection goes to the very address that was checked.
     *
     * @throws LookupFailed
     */
    private function transfer(
        string $url,
        Wanted $wanted,
        Deadline $deadline,
        CurlMultiHandler $handler,
    ): PromiseInterface {
        ['host' => $host, 'port' => $port] = $this->guard->parts($url);
        $standin = $this->hosts->portFor($host, $port);
        $address = $standin === null
            ? self::bracketed($this->guard->addresses($host)[0]).":{$port}"
            : "127.0.0.1:{$standin}";
        $left = $deadline->left();
        if ($left <= 0) {
            throw self::tooSlow($deadline, $url);
        }
        $sink = new LimitedSink($this->bytes);
        $head = null;
        $asked = (new Uri($url))->withHost($host)->withFragment('');
        $options = [
            'allow_redirects' => false,
            'connect_timeout' => min(self::CONNECT_SECONDS, $left),
            'timeout' => $left,
            'decode_content' => true,
            'sink' => $sink,
            'on_headers' => static function (ResponseInterface $response) use (&$head): void {
                $head = $response;
            },
            'curl' => [
                CURLOPT_CONNECT_TO => ["::{$address}"],
                CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
                CURLOPT_PROXY => '',
                CURLOPT_ENCODING => '',
            ],
        ];
        // Those who answer in place of others speak plain HTTP; everything else about the request is as on the real
        // web.
        /** @var LazyPromise $sent */
        $sent = $this->http->async()->setHandler($handler)->withUserAgent($this->agent)
            ->withHeaders(['Accept' => $wanted->accept, 'Accept-Language' => 'en,*;q=0.5'])
            ->withOptions($options)
            ->get((string) ($standin === null ? $asked : $asked->withScheme('http')->withPort(null)));

        // Begun now, and not when somebody waits for it: that is what makes them run side by side.
        return $sent->buildPromise()->then(function (mixed $ended) use (&$head, $sink, $deadline, $url): Transfer {
            if ($sink->isOver) {
                throw LookupFailed::because(
                    Reason::TooLarge,
                    'This page is larger than '.intdiv($this->bytes, 1024 * 1024).' MB, so it is more likely a file. '
                        .'Fill in the fields by hand.',
                    $url,
                );
            }
            $body = (string) $sink;
            // What broke off is read as far as it came.
            if ($head === null || ($ended instanceof \Throwable && $body === '')) {
                throw $ended instanceof \Throwable ? $this->unanswered($ended, $deadline, $url) : self::brokeOff($url);
            }

            return new Transfer($head, $body);
        });
    }

    private function unanswered(\Throwable $error, Deadline $deadline, string $url): LookupFailed
    {
        $cause = $error instanceof ConnectionException ? $error->getPrevious() : $error;
        $code = $cause instanceof ConnectException || $cause instanceof \GuzzleHttp\Exception\RequestException
            ? (int) ($cause->getHandlerContext()['errno'] ?? 0)
            : 0;
        $host = (string) parse_url($url, PHP_URL_HOST);

        return match ($code) {
            CURLE_OPERATION_TIMEDOUT => self::tooSlow($deadline, $url),
            CURLE_COULDNT_CONNECT => LookupFailed::because(Reason::NoAnswer, "Nothing answers at “{$host}”. Check "
                .'the address.', $url),
            60, 35, 51, 58, 59 => LookupFailed::because(
                Reason::BadCertificate,
                'The site’s security certificate is not in order, so it was not opened. Fill in what you see in your '
                    .'browser.',
                $url,
            ),
            default => self::brokeOff($url),
        };
    }

    private static function tooSlow(Deadline $deadline, string $url): LookupFailed
    {
        return LookupFailed::because(
            Reason::TooSlow,
            "The site took longer than {$deadline->seconds} seconds to answer. Try again, or fill in what you know "
                .'by hand.',
            $url,
        );
    }

    private static function brokeOff(string $url): LookupFailed
    {
        $sentence = 'The site broke off before it answered. Try again, or fill in what you know by hand.';

        return LookupFailed::because(Reason::BrokeOff, $sentence, $url);
    }

    /** @throws LookupFailed */
    private function page(string $url, Transfer $transfer, Wanted $wanted): FetchedPage
    {
        $status = $transfer->response->getStatusCode();
        $type = $transfer->response->getHeaderLine('Content-Type');
        [$reason, $problem] = match (true) {
            $status === 404, $status === 410 => [Reason::NoSuchPage, 'The site says there is no such page (404). '
                .'Check the address, or fill in what you know by hand.'],
            $status === 401, $status === 403 => [Reason::Forbidden, 'The site lets only its own visitors see this '
                .'page. Fill in the fields from what you see in your browser.'],
            $status === 429 => [Reason::Busy, 'The site has had too many requests and asks to wait. Try again in a '
                .'minute.'],
            $status >= 500 => [Reason::SiteTrouble, "The site has a problem of its own just now (error {$status}). "
                .'Try again later, or fill in what you know by hand.'],
            $status < 200 || $status >= 300 => [Reason::SiteTrouble, 'The site answered with something unexpected '
                ."({$status}). Fill in what you know by hand."],
            $type !== '' && preg_match($wanted->types, $type) !== 1 => [
                Reason::NoPage,
                'This address leads to a file ('.strtok($type, ';')
                    .'), not to a web page. Paste the address of the page it stands on, or fill in the fields by hand.',
            ],
            trim($transfer->body) === '' => [Reason::EmptyPage, 'The page came back empty. Fill in the fields from '
            .'what you see in your browser.'],
            default => [null, ''],
        };

        return $reason === null
            ? new FetchedPage($url, $type, $transfer->body)
            : throw LookupFailed::because($reason, $problem, $url);
    }

    /** Where an answer sends on to, as a whole address; '' where it does not. */
    private static function location(string $url, ResponseInterface $response): string
    {
        $location = $response->getHeaderLine('Location');
        if ($location === '' || ! in_array($response->getStatusCode(), [301, 302, 303, 307, 308], true)) {
            return '';
        }
        try {
            return (string) UriResolver::resolve(new Uri($url), new Uri($location));
        } catch (MalformedUriException) {
            $sentence = 'This page sends visitors on to an address that is none. Open it in the browser and copy the '
                .'address it ends at.';
            throw LookupFailed::because(Reason::Circle, $sentence, $url);
        }
    }

    private static function bracketed(string $address): string
    {
        return str_contains($address, ':') ? "[{$address}]" : $address;
    }
}
