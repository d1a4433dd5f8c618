<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;

/**
 * An entry somebody else finished, in MLA or APA, taken apart into kind and fields. What it says is only as good as
 * whoever wrote it, so nothing in it counts as more than likely.
 */
final readonly class FinishedCitation
{
    private const WHERE = 'From the citation you pasted.';

    public function __construct(private string $text)
    {
    }

    /** Whether a text reads like an entry: long enough, with a year or "n.d.", and parted by stops. */
    public function looksLike(): bool
    {
        $text = Text::line($this->text);
        if (self::isUndated($text) || (new NoteCitation(self::tidied($text)))->parts() !== null) {
            return true;
        }

        return mb_strlen($text) >= 30
            && preg_match(

                '/\((?:c(?:irca|a\.)? )?\d{4}[a-z]?\b|\(n\.d\.\)|\b(?:1[5-9]|20)\d{2}s?\b|\bn\.d\.|\d B\.?C\.?E|\d\w\w century/u',
                $text,
            ) === 1
            && (preg_match_all(
                '/[.?!][”"’]?\s+(?=[\p{Lu}“"\d(<h]|www)/u',
                $text,
            ) >= 1 || preg_match('/^[^“]*“[^”]{3,}”[.,] .*\d{4}/u', $text) === 1)
            && preg_match('/,|\(\d{4}/', $text) === 1;
    }

    /**
     * Entries without a year: one that says so where the date stands, one with a name inverted and a publisher, or
     * a title in quotation marks and an address.
     */
    private static function isUndated(string $text): bool
    {
        return preg_match(
            '/^.{3,}?\((?:n\.d\.|in press|\d{4}s?|\d+ B\.C\.E\.|\d+\w\w century)\)\. \p{L}.*\./u',
            $text,
        ) === 1
            || preg_match(

                '/^\p{Lu}[^,.]{1,40}, \p{Lu}[^.]{0,60}\. \p{Lu}[^.]{2,200}\. .*\b(?:Press|Books|UP|Publish\w+|in press|forthcoming)\b/u',
                $text,
            ) === 1
            || preg_match(
                '/“[^”]{3,200}\.” .*(?:\b(?:in press|forthcoming|Print|Web)\.$|[a-z0-9-]\.[a-z]{2,}\/)/u',
                $text,
            ) === 1;
    }

    /**
     * The family of styles an entry was written in: "apa" where the date stands right after the author, else "mla".
     */
    public function family(): string
    {
        return (new LegalCitation(self::tidied($this->text)))->parts() !== null
            || (new ApaCitation(self::tidied($this->text)))->parts() !== null
            ? 'apa'
            : 'mla';
    }

    /**
     * @return Reading with both readings of what is ambiguous as alternatives
     *
     * @throws Unreadable for a text that is no entry
     */
    public function reading(): Reading
    {
        $text = self::tidied($this->text);
        if (! (new self($text))->looksLike()) {
            throw new Unreadable('This does not read like a finished entry: one has an author or a title, and a date, parted by full stops.');
        }
        $parts = (new LegalCitation($text))->parts()
            ?? (new NoteCitation($text))->parts()
            ?? (new ApaCitation($text))->parts()
            ?? (new MlaCitation($text))->parts();
        $reading = Reading::of(Source::fromArray($parts->source, Kinds::all()), self::WHERE, Confidence::Likely);
        $findings = [
            FieldPath::kind()->key => new Finding(
                FieldPath::kind(),
                $reading->kind,
                new Evidence('From the way the citation is built.', $text),
                Confidence::Likely,
            ),
            ...$reading->findings,
        ];
        $issues = [];
        foreach ($parts->doubts as $doubt) {
            $key = $doubt->field->key;
            if (! isset($findings[$key])) {
                continue;
            }
            if ($doubt->fix !== null) {
                $other = new Evidence('The citation can also be read this way.', $text);
                $findings[$key] = $findings[$key]->withAlternatives(
                    [new Finding($doubt->field, $doubt->fix->value, $other, Confidence::Guess)],
                );
            }
            $issues[] = $doubt;
        }

        return new Reading($reading->kind, $reading->url, $findings, $issues, [], $reading->base);
    }

    /** The text on one line, without a list's number or bullet in front and with one kind of each mark. */
    private static function tidied(string $pasted): string
    {
        $text = Text::line($pasted);
        $text = (string) preg_replace('/^(?:[•*–-]|\[?\d{1,3}[.\])])\s+/u', '', $text);
        $text = (string) preg_replace('/(?<=^|[\s(\[—–])"(?=\S)/u', '“', $text);

        return strtr($text, ['"' => '”', '´' => '’', '`' => '’']);
    }
}
