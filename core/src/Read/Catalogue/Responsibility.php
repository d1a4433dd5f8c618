<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\Vocabulary;

/**
 * The statement of responsibility, as the title page words it: "edited by Noor Castellan ; illustrations by Ines
 * Marrow".
 * It tells what somebody did where the record's own headings do not (MARC 21, 245 $c).
 */
final readonly class Responsibility
{
    public function __construct(private string $statement)
    {
    }

    /** Whether everybody is named there: the statement is there, and does not break off with "et al." */
    public function isWhole(): bool
    {
        return $this->statement !== ''
            && preg_match('/\bet al\b|\betc\b|\[and others\]|\.\.\./iu', $this->statement) !== 1;
    }

    public function names(string $name): bool
    {
        return $this->clause($name) !== '';
    }

    /** What somebody did; null where the statement does not say. */
    public function role(string $name): ?Role
    {
        $clause = $this->clause($name);
        foreach (Vocabulary::all()->deeds() as $role => $words) {
            if ($clause !== '' && preg_match("/\\b(?:{$words})/iu", $clause) === 1) {
                return Role::from($role);
            }
        }

        return null;
    }

    /** The part of the statement with a name in it: parts end with a semicolon, or with a sentence. */
    private function clause(string $name): string
    {
        $wanted = self::plain($name);
        foreach (preg_split('/\s*;\s*|(?<=\p{Ll}{3})\.\s+(?=[\p{Lu}\[])/u', $this->statement) ?: [] as $clause) {
            if ($wanted !== ''
                && preg_match('/(?<![a-z])'.preg_quote($wanted, '/').'(?![a-z])/', self::plain($clause)) === 1) {
                return $clause;
            }
        }

        return '';
    }

    private static function plain(string $text): string
    {
        return strtolower((string) transliterator_transliterate('Any-Latin; Latin-ASCII', $text));
    }
}
