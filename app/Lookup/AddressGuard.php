<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Keeps look-ups on the public internet: http and https only, and no address of this machine, a private network, or a
 * cloud's metadata service. The caller connects to the very addresses that were checked, so that a name cannot change
 * its mind between the check and the connection.
 */
final class AddressGuard
{
    private const CLOSED = [
        '0.0.0.0/8', '10.0.0.0/8', '100.64.0.0/10', '127.0.0.0/8', '168.63.129.16/32', '169.254.0.0/16', '172.16.0.0/12',
        '192.0.0.0/24', '192.0.2.0/24', '192.88.99.0/24', '192.168.0.0/16', '198.18.0.0/15', '198.51.100.0/24',
        '203.0.113.0/24', '224.0.0.0/4', '240.0.0.0/4',
        '::/96', '::ffff:0:0/96', '::ffff:0:0:0/96', '64:ff9b::/96', '64:ff9b:1::/48', '100::/64', '2001::/23',
        '2001:db8::/32', '2002::/16', 'fc00::/7', 'fe80::/10', 'fec0::/10', 'ff00::/8',
    ];

    /** Where the web is; anything else that listens is no page. */
    private const PORTS = [80, 443];

    /**
     * @param  ?\Closure(string): list<string>  $resolver a host's addresses; the system's resolver where none is given
     */
    public function __construct(private readonly ?\Closure $resolver = null)
    {
    }

    /**
     * @return array{scheme: string, host: string, port: int}
     *
     * @throws LookupFailed for an address no page can stand at
     */
    public function parts(string $url): array
    {
        $parts = parse_url($url);
        $scheme = strtolower($parts['scheme'] ?? '');
        $host = strtolower(trim($parts['host'] ?? '', '[]'));
        if ($parts === false || $host === '' || ! in_array($scheme, ['http', 'https'], true)) {
            throw LookupFailed::because(
                Reason::NoAddress,
                'Only addresses that begin with http:// or https:// can be looked up. Copy the address from the '
                    .'browser’s address bar.',
                $url,
            );
        }
        if (isset($parts['user']) || isset($parts['pass'])) {
            $sentence = 'This address carries a user name or a password. Remove it and try again.';
            throw LookupFailed::because(Reason::NoAddress, $sentence, $url);
        }
        if (preg_match('/[^\x21-\x7e]/', $host) === 1) {
            $host = (string) idn_to_ascii($host, IDNA_DEFAULT, INTL_IDNA_VARIANT_UTS46);
        }

        $port = $parts['port'] ?? ($scheme === 'https' ? 443 : 80);
        if (! in_array($port, self::PORTS, true)) {
            $sentence = "Nothing is looked up on port {$port}, only on the web’s own two, 80 and 443. Check the "
                .'address.';
            throw LookupFailed::because(Reason::ClosedPort, $sentence, $url);
        }

        return ['scheme' => $scheme, 'host' => $host, 'port' => $port];
    }

    /**
     * @return non-empty-list<string> the addresses to connect to
     *
     * @throws LookupFailed when the host is unknown or any of its addresses is closed
     */
    public function addresses(string $host): array
    {
        $addresses = $this->resolver === null ? self::resolve($host) : ($this->resolver)($host);
        if ($addresses === []) {
            $sentence = "There is no site called “{$host}”. Check the address for a slip.";
            throw LookupFailed::because(Reason::UnknownHost, $sentence);
        }
        foreach ($addresses as $address) {
            if (filter_var($address, FILTER_VALIDATE_IP) === false || IpUtils::checkIp($address, self::CLOSED)) {
                throw LookupFailed::because(
                    Reason::ClosedNetwork,
                    'This address belongs to a private network, so it cannot be looked up from here. Use the address '
                        .'anybody on the web can open.',
                );
            }
        }

        return $addresses;
    }

    /** @return list<string> every spelling a system accepts ("127.1", "0x7f000001") comes out as a plain address */
    private static function resolve(string $host): array
    {
        if (filter_var($host, FILTER_VALIDATE_IP) !== false) {
            return [$host];
        }
        $found = [];
        foreach (@socket_addrinfo_lookup($host, null, ['ai_socktype' => SOCK_STREAM]) ?: [] as $info) {
            $address = socket_addrinfo_explain($info)['ai_addr'] ?? [];
            $found[] = $address['sin_addr'] ?? $address['sin6_addr'] ?? '';
        }

        return array_values(array_unique(array_filter($found)));
    }
}
