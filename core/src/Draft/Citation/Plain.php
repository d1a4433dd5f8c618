<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** Words as they are compared: small letters of the Latin alphabet and figures, single spaces. */
final class Plain
{
    /** @var array<string, string> */
    private static array $known = [];

    private const REMEMBERED = 20000;

    public function __construct(private readonly string $text)
    {
    }

    public function words(): string
    {
        if (count(self::$known) > self::REMEMBERED) {
            self::$known = [];
        }

        return self::$known[$this->text] ??= $this->made();
    }

    /** A title or a name of a group without the article it begins with. */
    public function withoutArticle(): string
    {
        return (string) preg_replace('/^(?:the|an?) (?=\S)/', '', $this->words());
    }

    /** Whether a word differs by a slip of the pen: a letter more, less, another one, or two changed about. */
    public function isSlipOf(string $other): bool
    {
        $longest = max(strlen($this->text), strlen($other));
        if ($this->text === $other || $longest < 5 || abs(strlen($this->text) - strlen($other)) > 2) {
            return false;
        }
        $isSwapped = strlen($this->text) === strlen($other) && count_chars($this->text, 1) === count_chars($other, 1);

        return levenshtein($this->text, $other) <= ($longest >= 8 || $isSwapped ? 2 : 1);
    }

    private function made(): string
    {
        $text = preg_match('/[^\x00-\x7F]/', $this->text) === 1
            ? (string) transliterator_transliterate('Any-Latin; Latin-ASCII', $this->text)
            : $this->text;

        return trim((string) preg_replace('/[^a-z0-9]+/', ' ', str_replace(["'", '’', '.'], '', strtolower($text))));
    }
}
