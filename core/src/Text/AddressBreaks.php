<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Where a long web address may go on in the next line: after a slash, and before any other mark, so that no reader
 * takes a mark at the end of a line for the end of the address. Never within a word, and nothing is added that shows.
 */
final readonly class AddressBreaks
{
    /** A place for a break that shows nothing: U+200B. */
    public const MARK = "\u{200B}";

    /** As many letters as fill half a line of a page: a shorter address leaves no gap where it goes to the next one. */
    private const LONG = 40;

    private const PLACES = '~(?<=/)(?!/)|(?<=[^\W_])(?=[.?&=#%_\~,;:@+-][^\W_])~u';

    public function __construct(private string $address)
    {
    }

    /** @return list<string> its pieces, which joined are the address; the host is one of them */
    public function pieces(): array
    {
        $host = preg_match('~^(?:https?://)?[^/?#]*/?~i', $this->address, $m) === 1 ? $m[0] : '';
        $rest = preg_split(self::PLACES, substr($this->address, strlen($host)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_values(array_filter([$host, ...$rest], static fn (string $one): bool => $one !== ''));
    }

    /** The address with a mark wherever it may break, where it is a long one. */
    public function marked(): string
    {
        return mb_strlen($this->address) < self::LONG ? $this->address : implode(self::MARK, $this->pieces());
    }
}
