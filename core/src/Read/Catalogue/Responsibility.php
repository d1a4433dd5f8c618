<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Source\Role;

/**
 * The statement of responsibility, as the title page words it: "edited by Noor Castellan ; illustrations by Ines Marrow".
 * It tells what somebody did where the record's own headings do not (MARC 21, 245 $c).
 */
final readonly class Responsibility
{
    /** Words of the languages school libraries hold most of. */
    private const DEEDS = [
        [Role::Editor, '/(?<!-)\b(?:edit(?:ed|ors?)|eds?\.|hrsg|hg\.|herausgegeben|herausgeber|sous la direction|dirigé par|a cura di|ed\. por|edición de)/iu'],
        [Role::Translator, '/\b(?:translat|traduc|traduit|traduzione|übersetz|tr\. by)/iu'],
        [Role::Illustrator, '/\b(?:illustrat|illus\.|drawings?|pictures by|paintings by)/iu'],
        [Role::Compiler, '/\b(?:compil|collected by|selected by)/iu'],
        [Role::Introduction, '/\b(?:introduc|introd\.|einleitung|einführung)/iu'],
        // A preface has no role of its own; a foreword is the nearest.
        [Role::Foreword, '/\b(?:foreword|preface|préface|vorwort|prólogo)/iu'],
        [Role::Afterword, '/\b(?:afterword|postface|nachwort)/iu'],
        [Role::Director, '/\b(?:directed|director|a film by|regie|réalis)/iu'],
        [Role::Producer, '/\b(?:produced|producer)/iu'],
        [Role::Narrator, '/\b(?:read by|narrat)/iu'],
    ];

    public function __construct(private string $statement)
    {
    }

    /** Whether everybody is named there: the statement is there, and does not break off with "et al." */
    public function isWhole(): bool
    {
        return $this->statement !== '' && preg_match('/\bet al\b|\betc\b|\[and others\]|\.\.\./iu', $this->statement) !== 1;
    }

    public function names(string $name): bool
    {
        return $this->clause($name) !== '';
    }

    /** What somebody did; null where the statement does not say. */
    public function role(string $name): ?Role
    {
        $clause = $this->clause($name);
        foreach (self::DEEDS as [$role, $words]) {
            if ($clause !== '' && preg_match($words, $clause) === 1) {
                return $role;
            }
        }

        return null;
    }

    /** The part of the statement with a name in it: parts end with a semicolon, or with a sentence. */
    private function clause(string $name): string
    {
        $wanted = self::plain($name);
        foreach (preg_split('/\s*;\s*|(?<=\p{Ll}{3})\.\s+(?=[\p{Lu}\[])/u', $this->statement) ?: [] as $clause) {
            if ($wanted !== '' && preg_match('/(?<![a-z])'.preg_quote($wanted, '/').'(?![a-z])/', self::plain($clause)) === 1) {
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
