<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Catalogue\MarcXml;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Source\Isbn;

/** What a student pasted into the lead box, recognised for what it is without being told. */
final readonly class Lead
{
    private const LONGEST = 4000;

    private const NO_TEXT = '/[\x00-\x08\x0E-\x1A\x1C-\x1F]|^%PDF-/';

    private const SAVED_PAGE = '~^\s*(?:<\?xml[^>]*>\s*)?(?:<!--.{0,2000}?-->\s*)*<(?:!doctype\s+html|html)\b~is';

    private const DOI = '~(?:^|[\s:/"(<]|doi\.org/)(10\.\d{4,9}/[^\s"<>]+)~i';

    /**
     * @param  string  $value  the address, the bare DOI, thirteen digits, the words, or the records
     * @param  string  $author  named next to a title
     */
    private function __construct(
        public LeadKind $kind,
        public string $value,
        public string $pasted,
        public bool $schemeGiven = true,
        public string $author = '',
    ) {
    }

    /** @throws LookupFailed with what can be done instead */
    public static function recognise(string $pasted): self
    {
        $text = trim((string) preg_replace('/[\x{200B}\x{FEFF}\x{00A0}]/u', ' ', mb_scrub($pasted)));
        if ($text === '') {
            throw LookupFailed::because(Reason::EmptyBox, 'The box is empty. Paste a link, an ISBN, a DOI, a title '
                .'or a finished citation, or fill in the fields by hand with the links below.');
        }
        if (preg_match(self::NO_TEXT, $text) === 1) {
            throw LookupFailed::because(Reason::NotText, 'This is no text but a file of another kind: a picture, a PDF '
                .'or a document. Open it, and type or paste what its title page says.');
        }
        if ((new MarcXml)->begins($text)) {
            return new self(LeadKind::Records, $text, $pasted);
        }
        if (preg_match(self::SAVED_PAGE, $text) === 1) {
            return new self(LeadKind::SavedPage, $text, $pasted);
        }
        if (preg_match('/^TY\s{1,2}-|^\s*@\s*[a-z]+\s*[{(]|^\s*[\[{]\s*["{]/im', $text) === 1
            && preg_match('/^TY\s{1,2}-|^\s*@\s*[a-z]+\s*[{(]|^[\[{]/i', $text) === 1) {
            return new self(LeadKind::Records, $text, $pasted);
        }

        return self::citation($text) ?? self::number($text) ?? self::address($text) ?? self::words($text);
    }

    /**
     * Several leads at once, one a line; a single lead that runs over several lines stays one.
     *
     * @param  int  $most  how many leads may be pasted together
     * @return list<string> empty where the text is no list of leads
     *
     * @throws LookupFailed for more than that many
     */
    public static function lines(string $pasted, int $most): array
    {
        if (preg_match('/^\s*<|[\x00-\x08]/', $pasted) === 1) {
            return [];
        }
        $lines = array_map(trim(...), preg_split('/\R/u', mb_scrub($pasted)) ?: []);
        $lines = array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
        if (count($lines) < 2 || preg_match('/^TY\s{1,2}-|^\s*@\s*[a-z]+\s*[{(]|^[\[{]/i', trim($pasted)) === 1) {
            return [];
        }
        if (count($lines) > $most) {
            throw LookupFailed::because(Reason::TooMany, "That is more than {$most} lines. Paste them in parts.");
        }
        $kinds = array_map(static function (string $line): ?LeadKind {
            try {
                return self::recognise($line)->kind;
            } catch (LookupFailed) {
                return null;
            }
        }, $lines);
        // An address or entry broken over lines has pieces that say nothing alone.
        $broken = $kinds[0] === LeadKind::Address
            && $kinds[1] === LeadKind::Title
            && preg_match('/\s/', $lines[1]) !== 1;

        return count(array_filter($kinds)) * 2 >= count($lines) && ! $broken ? $lines : [];
    }

    private static function citation(string $text): ?self
    {
        $isAlone = preg_match('~^(?:https?://|www\.|doi:|10\.\d)\S*$~i', $text) === 1;

        return ! $isAlone
            && mb_strlen($text) <= self::LONGEST
            && (new FinishedCitation($text))->looksLike()
            && preg_match('~^[^.]{0,80}https?://~i', $text) !== 1
            ? new self(LeadKind::Citation, $text, $text)
            : null;
    }

    /** @throws LookupFailed for an ISBN with a slip in it */
    private static function number(string $text): ?self
    {
        if (preg_match('/^record:([\w.-]{1,60})$/', $text, $m) === 1) {
            return new self(LeadKind::CatalogueRecord, $m[1], $text);
        }
        if (mb_strlen($text) < 400
            && preg_match(self::DOI, rawurldecode($text), $m) === 1
            && preg_match('~^https?://(?!(?:dx\.)?doi\.org/)~i', $text) !== 1) {
            return new self(LeadKind::Doi, rtrim($m[1], '.,;:)]}”’'), $text);
        }
        // What libraries put after the number: "(pbk.)".
        $text = (string) preg_replace('/\s*\([\p{L} .:]{2,20}\)$|(?<=[\dXx])[.,;]$/u', '', $text);
        if (Isbn::looksLike($text)) {
            $isbn = Isbn::parse($text) ?? throw LookupFailed::because(Reason::WrongIsbn, 'This ISBN has a slip in '
                .'it: its last digit does not fit the others. Compare it with the number above the barcode.');

            return new self(LeadKind::Isbn, $isbn->thirteen(), $text);
        }

        return null;
    }

    /** @throws LookupFailed */
    private static function address(string $text): ?self
    {
        if (preg_match('~https?://[^\s<>"“”]+~iu', mb_substr($text, 0, 20000), $m) === 1) {
            $url = rtrim($m[0], '.,;:!?)]}’');
            if (strlen($url) > self::LONGEST) {
                throw LookupFailed::because(Reason::TooLong, 'This address is too long to be one. Open the page in '
                    .'the browser and copy its address again.');
            }

            return new self(LeadKind::Address, $url, $text);
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw LookupFailed::because(
                Reason::TooLong,
                'That is a long text ('.number_format(mb_strlen($text))
                    .' characters) with no web address in it. Paste one lead a line, or fill in the fields by hand with the links below.',
            );
        }
        if (preg_match(
            '~^(?:www\.)?(?:[\p{L}\p{N}](?:[\p{L}\p{N}-]*[\p{L}\p{N}])?\.)+\p{L}{2,}(?::\d{1,5})?(?:[/?#]\S*)?$~iu',
            $text,
        ) === 1) {
            return new self(LeadKind::Address, 'https://'.$text, $text, false);
        }
        if (preg_match('~^[a-z][a-z0-9+.-]*:(?!\s)~i', $text) === 1) {
            throw LookupFailed::because(Reason::NoAddress, 'Only addresses that begin with http:// or https:// can '
                .'be looked up. Copy the address from the browser’s address bar.');
        }
        if (preg_match('~^\S+\.\S+/\S.*\s~u', $text) === 1) {
            throw LookupFailed::because(Reason::NoAddress, 'There is a space inside this address. Copy it again from '
                .'the browser’s address bar.');
        }

        return null;
    }

    /** A title, perhaps with its author: "Moonpower by Halima Brook", "Brook: Moonpower". */
    private static function words(string $text): self
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        if (preg_match('/^(.{3,}?)[,]?\s+(?:by|von|par|por)\s+(\p{Lu}[\p{L}’\'. -]{2,60})$/u', $text, $m) === 1) {
            return new self(LeadKind::Title, trim($m[1], '“”"\' '), $text, author: $m[2]);
        }

        return new self(LeadKind::Title, trim($text, '“”"\''), $text);
    }

    public function url(): string
    {
        return $this->kind === LeadKind::Address ? $this->value : '';
    }
}
