<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** Fetches one page over HTTP: guarded at every redirect, limited in time and size. The only place that connects anywhere. */
final readonly class Fetcher
{
    public function __construct(
        private AddressGuard $guard,
        private StandinMap $standins,
        private int $seconds,
        private int $bytes,
        private int $redirects,
        private string $agent,
        private PageMemory $memory,
        private HostTurns $turns,
    ) {
    }

    /** What is asked for where a web page is wanted. */
    public const PAGE = 'text/html,application/xhtml+xml;q=0.9,*/*;q=0.5';

    /**
     * @param  string  $wanted  a pattern for the types of content that can be read
     * @param  bool  $again  past what is remembered from a while ago
     *
     * @throws LookupFailed
     */
    public function fetch(string $url, string $accept = self::PAGE, string $wanted = '~html|xml|text/plain~i', bool $again = false): FetchedPage
    {
        $remembered = $again ? null : $this->memory->recall($url, $accept);
        if ($remembered !== null) {
            return $remembered;
        }
        $deadline = microtime(true) + $this->seconds;
        $from = $url;
        for ($hop = 0; $hop <= $this->redirects; $hop++) {
            $answer = $this->get($url, $deadline, $accept);
            if ($answer['location'] === '') {
                $page = $this->page($url, $answer, $wanted);
                $this->memory->keep($from, $accept, $page);

                return $page;
            }
            $url = self::resolve($url, $answer['location']);
        }

        throw new LookupFailed('This page sends visitors round in a circle and never opens. Open it in the browser and copy the address it ends at.', $url);
    }

    /**
     * @param  array{status: int, type: string, body: string, location: string}  $answer
     *
     * @throws LookupFailed
     */
    private function page(string $url, array $answer, string $wanted): FetchedPage
    {
        $problem = match (true) {
            $answer['status'] === 404, $answer['status'] === 410 => 'The site says there is no such page (404). Check the address, or fill in what you know by hand.',
            $answer['status'] === 401, $answer['status'] === 403 => 'The site lets only its own visitors see this page. Fill in the fields from what you see in your browser.',
            $answer['status'] === 429 => 'The site has had too many requests and asks to wait. Try again in a minute.',
            $answer['status'] >= 500 => "The site has a problem of its own just now (error {$answer['status']}). Try again later, or fill in what you know by hand.",
            $answer['status'] < 200 || $answer['status'] >= 300 => "The site answered with something unexpected ({$answer['status']}). Fill in what you know by hand.",
            $answer['type'] !== '' && preg_match($wanted, $answer['type']) !== 1 => 'This address leads to a file ('.strtok($answer['type'], ';').'), not to a web page. Paste the address of the page it stands on, or fill in the fields by hand.',
            trim($answer['body']) === '' => 'The page came back empty. Fill in the fields from what you see in your browser.',
            default => '',
        };
        if ($problem !== '') {
            throw new LookupFailed($problem, $url);
        }

        return new FetchedPage($url, $answer['type'], $answer['body']);
    }

    /**
     * @return array{status: int, type: string, body: string, location: string}
     *
     * @throws LookupFailed
     */
    private function get(string $url, float $deadline, string $accept): array
    {
        ['scheme' => $scheme, 'host' => $host, 'port' => $port] = $this->guard->parts($url);
        $standin = $this->standins->portFor($host, $port);
        $left = $deadline - microtime(true);
        if ($left <= 0) {
            throw new LookupFailed("The site took longer than {$this->seconds} seconds to answer. Try again, or fill in what you know by hand.", $url);
        }
        $body = '';
        $tooLarge = false;
        $curl = curl_init();
        // Whatever the address spells, the connection goes to the very address that was checked.
        $address = $standin === null ? self::bracketed($this->guard->addresses($host)[0]).":{$port}" : "127.0.0.1:{$standin}";
        curl_setopt_array($curl, [ // @phpstan-ignore argument.type (an empty proxy is how curl is told to use none)
            // The stand-ins speak plain HTTP; everything else about the request is as on the real web.
            CURLOPT_URL => $standin === null ? $url : (string) preg_replace('~^https:~i', 'http:', $url),
            CURLOPT_CONNECT_TO => ["::{$address}"],
            CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
            CURLOPT_PROXY => '',
            CURLOPT_FOLLOWLOCATION => false,
            CURLOPT_CONNECTTIMEOUT_MS => (int) min(5000, $left * 1000),
            CURLOPT_TIMEOUT_MS => (int) ($left * 1000),
            CURLOPT_ENCODING => '',
            CURLOPT_USERAGENT => $this->agent,
            CURLOPT_HTTPHEADER => ["Accept: {$accept}", 'Accept-Language: en,*;q=0.5'],
            // Counted after decompression, so that a small file cannot unfold without end.
            CURLOPT_WRITEFUNCTION => function (\CurlHandle $curl, string $chunk) use (&$body, &$tooLarge): int {
                $body .= $chunk;
                $tooLarge = strlen($body) > $this->bytes;

                return $tooLarge ? -1 : strlen($chunk);
            },
        ]);
        $done = $this->turns->take($host, $deadline, static fn (): bool|string => curl_exec($curl));
        $error = curl_errno($curl);
        $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $location = (string) curl_getinfo($curl, CURLINFO_REDIRECT_URL);
        $type = (string) curl_getinfo($curl, CURLINFO_CONTENT_TYPE);
        if ($tooLarge) {
            throw new LookupFailed('This page is larger than '.intdiv($this->bytes, 1024 * 1024).' MB, so it is more likely a file. Fill in the fields by hand.', $url);
        }
        if ($done === false && $body === '') {
            throw new LookupFailed(match ($error) {
                CURLE_OPERATION_TIMEDOUT => "The site took longer than {$this->seconds} seconds to answer. Try again, or fill in what you know by hand.",
                CURLE_COULDNT_CONNECT => "Nothing answers at “{$host}”".($port === 80 || $port === 443 ? '' : " on port {$port}").'. Check the address.',
                60, 35, 51, 58, 59 => 'The site’s security certificate is not in order, so it was not opened. Fill in what you see in your browser.',
                default => 'The site broke off before it answered. Try again, or fill in what you know by hand.',
            }, $url);
        }
        $redirected = in_array($status, [301, 302, 303, 307, 308], true) && $location !== '';

        return ['status' => $status, 'type' => $type, 'body' => $body, 'location' => $redirected ? self::asAsked($location, $scheme, $standin) : ''];
    }

    private static function bracketed(string $address): string
    {
        return str_contains($address, ':') ? "[{$address}]" : $address;
    }

    /** A stand-in's relative redirect keeps the scheme the student's address had. */
    private static function asAsked(string $location, string $scheme, ?int $standin): string
    {
        return $standin !== null && $scheme === 'https' ? (string) preg_replace('~^http:~i', 'https:', $location) : $location;
    }

    private static function resolve(string $from, string $location): string
    {
        return preg_match('~^https?://~i', $location) === 1 ? $location : rtrim($from, '/').'/'.ltrim($location, '/');
    }
}
