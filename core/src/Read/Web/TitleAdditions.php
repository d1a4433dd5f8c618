<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** What shops and players add to a work's title and date, which is no part of them: a binding, an episode's number. */
final class TitleAdditions
{
    private const BINDINGS = '(?:paperback|hardcover|hardback|mass market paperback|library binding|e-?book|illustrated)\b';

    /** Between brackets, after a mark, or before the day of publication; elsewhere it is the title's: "Knots Illustrated". */
    private const BINDING = ['/\s*(?:\(|\||\s[–—-]\s)\s*'.self::BINDINGS.'.*$/iu', '/\s+'.self::BINDINGS.'\s[–—-]\s.*\d{4}$/iu'];

    /** A device's edition, "(Lantern Edition)"; the words of the trade say which edition it is. */
    private const DEVICE = '/\s*\((?!(?:first|second|third|fourth|fifth|new|revised|updated|expanded|critical|international|anniversary|student|collector’s)\b)\p{L}+ edition\).*$/iu';

    /**
     * @param  array<string, list<Finding>>  $found  by field
     * @return array<string, list<Finding>>
     */
    public static function removed(array $found, string $kind): array
    {
        return match ($kind) {
            'book' => self::ofBook($found),
            'podcast-episode', 'tv-episode' => self::ofEpisode($found),
            default => $found,
        };
    }

    /**
     * Shops put the binding and the day after a book's title, and where only its year is known its day is the first of
     * January.
     *
     * @param  array<string, list<Finding>>  $found
     * @return array<string, list<Finding>>
     */
    private static function ofBook(array $found): array
    {
        // A shop's tab has the ISBN and the author as well.
        $titles = array_filter($found[FieldPath::title()->key] ?? [], static fn (Finding $one): bool => preg_match('/(?<!\d)97[89]-?\d/', $one->text()) !== 1);
        $found[FieldPath::title()->key] = $titles === [] ? $found[FieldPath::title()->key] ?? [] : array_values($titles);
        $cut = static fn (FieldPath $field, string ...$patterns): array => array_map(
            static fn (Finding $one): Finding => self::without($one, (string) preg_replace($patterns, '', $one->text())),
            $found[$field->key] ?? [],
        );

        return [...$found, FieldPath::title()->key => $cut(FieldPath::title(), ...[...self::BINDING, self::DEVICE]), ContainerField::Date->at()->key => $cut(ContainerField::Date->at(), '/^1 January (?=\d{4}$)/')];
    }

    /** The finding with what is left of its text, and what was taken off told in its evidence. */
    private static function without(Finding $one, string $left): Finding
    {
        if ($left === $one->text()) {
            return $one;
        }
        $removed = trim(str_replace($left, '', $one->text()));

        return new Finding($one->field, $left, new Evidence("{$one->evidence->where} “{$removed}” was taken off.", $one->evidence->text, $one->evidence->visible), $one->confidence);
    }

    /**
     * "14: The Wheel under the Water" is the fourteenth episode, and that is no part of its title. A bare number that may be a
     * year stays: "1066: The Wheel under the Water".
     *
     * @param  array<string, list<Finding>>  $found
     * @return array<string, list<Finding>>
     */
    private static function ofEpisode(array $found): array
    {
        $titles = [];
        foreach ($found[FieldPath::title()->key] ?? [] as $title) {
            if (preg_match('/^(?:ep(?:isode)?\.?\s*|#|(?!(?:1\d|20)\d\d\D))(\d{1,4})\s*[:–—.|-]\s+(.+)$/iu', $title->text(), $m) === 1) {
                $title = new Finding(FieldPath::title(), $m[2], $title->evidence, $title->confidence);
                $found[ContainerField::Episode->at()->key][] = new Finding(ContainerField::Episode->at(), $m[1], new Evidence('Before the title.', $title->evidence->text, $title->evidence->visible), Confidence::Likely);
            }
            $titles[] = $title;
        }
        $found[FieldPath::title()->key] = $titles;

        return $found;
    }
}
