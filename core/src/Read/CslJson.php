<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Original;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Source\Title;

/**
 * Reads CSL-JSON, the open interchange shape. What it has no place for here is kept under `custom.csl`, never dropped;
 * what our own shape holds beyond it comes back from `custom.bibrel`.
 */
final class CslJson
{
    /** How many names of one list are kept. */
    public const MOST_NAMES = 400;

    /** Under this key of `custom` it is kept how many names a list had that was cut. */
    public const CUT = 'names-cut';

    /** CSL-JSON's name variables that say what somebody did for the source itself. */
    private const ROLES = ['author' => Role::Author, 'editor' => Role::Editor, 'translator' => Role::Translator, 'compiler' => Role::Compiler, 'composer' => Role::Composer, 'illustrator' => Role::Illustrator, 'script-writer' => Role::Writer, 'director' => Role::Director, 'producer' => Role::Producer, 'executive-producer' => Role::ExecutiveProducer, 'host' => Role::Host, 'narrator' => Role::Narrator, 'performer' => Role::Performer, 'interviewer' => Role::Interviewer, 'recipient' => Role::Recipient, 'reviewed-author' => Role::ReviewedAuthor, 'curator' => Role::Curator, 'series-creator' => Role::Creator];

    /** Those that belong to what holds the source. */
    private const CONTAINER_ROLES = ['container-author' => Role::Author, 'editorial-director' => Role::Editor, 'collection-editor' => Role::Editor];

    /** Kinds whose editor edited the whole, not the part. */
    private const IN_BOOK = ['chapter', 'conference-paper', 'reference-entry', 'online-reference', 'wiki-entry'];

    /** Variables read into a field of the source or its first container. */
    private const READ = ['id', 'type', 'title', 'title-short', 'container-title', 'source', 'publisher', 'publisher-place', 'event-place', 'event-title', 'event', 'edition', 'version', 'volume', 'number-of-volumes', 'issue', 'number', 'collection-title', 'collection-number', 'page', 'section', 'archive', 'archive_location', 'archive-place', 'issued', 'accessed', 'original-date', 'original-title', 'original-publisher', 'status', 'medium', 'genre', 'language', 'ISBN', 'DOI', 'URL', 'annote', 'custom', 'season', 'reviewed-title', 'reviewed-genre'];

    /**
     * @return list<Source>
     *
     * @throws Unreadable
     */
    public static function sources(string $text): array
    {
        return array_map(self::source(...), Json::objects($text));
    }

    /** Registries' own names for types, by the CSL-JSON ones. */
    private const ALIASES = ['journal-article' => 'article-journal', 'proceedings-article' => 'paper-conference', 'book-chapter' => 'chapter', 'book-section' => 'chapter', 'book-part' => 'chapter', 'reference-entry' => 'entry-encyclopedia', 'monograph' => 'book', 'edited-book' => 'book', 'reference-book' => 'book', 'posted-content' => 'article', 'dissertation' => 'thesis', 'report-component' => 'report', 'newspaper-article' => 'article-newspaper', 'magazine-article' => 'article-magazine', 'web_page' => 'webpage', 'video' => 'motion_picture', 'database' => 'dataset'];

    /** Variables some registries send as lists of one. */
    private const LISTED = ['title', 'subtitle', 'container-title', 'ISBN', 'ISSN', 'title-short', 'container-title-short', 'original-title', 'short-title'];

    /** @param  array<string, mixed>  $item */
    public static function source(array $item): Source
    {
        $item = self::plain($item);
        $kinds = Kinds::all();
        $kind = $kinds->get(CslKinds::kindOf($item));
        $custom = is_array($item['custom'] ?? null) ? $item['custom'] : [];
        if (in_array($kind->id, ['court-case', 'statute'], true) && ! isset($item['author']) && Text::of($item, 'authority') !== '') {
            $item['author'] = [['literal' => Text::of($item, 'authority')]];
            unset($item['authority']);
        }
        $cut = array_filter(array_map(
            static fn (mixed $names): int => is_array($names) && count($names) > self::MOST_NAMES ? count($names) : 0,
            array_intersect_key($item, self::ROLES + self::CONTAINER_ROLES),
        ));
        $custom += $cut === [] ? [] : [self::CUT => $cut];
        $unknown = array_diff_key($item, array_flip([...self::READ, ...array_keys(self::ROLES), ...array_keys(self::CONTAINER_ROLES)]));
        $source = new Source(
            id: Text::of($item, 'id'),
            kind: $kind,
            title: new Title(Text::of($item, 'title'), short: Text::of($item, 'title-short')),
            contributors: self::contributors($item, self::ROLES, in_array($kind->id, self::IN_BOOK, true) ? ['editor'] : []),
            containers: self::containers($item, $kind->id),
            original: new Original(Text::of($item, 'original-title'), CslDate::text($item['original-date'] ?? null), Text::of($item, 'original-publisher')),
            accessed: CslDate::text($item['accessed'] ?? null),
            medium: self::beyondKind(Text::of($item, 'medium'), $kind->id),
            genre: $kind->id === 'review' ? Text::of($item, 'reviewed-genre') : self::beyondKind(Text::of($item, 'genre'), $kind->id),
            subject: Text::of($item, 'reviewed-title'),
            language: Text::of($item, 'language'),
            isbn: Text::of($item, 'ISBN'),
            annotation: is_string($item['annote'] ?? null) ? trim($item['annote']) : '',
            custom: $unknown === [] ? $custom : [...$custom, 'csl' => $unknown],
        );
        if (! is_array($custom['bibrel'] ?? null)) {
            return $source;
        }
        // What our own shape held beyond CSL-JSON was put aside by Write\CslJson; it wins over what was read above.
        $own = $custom['bibrel'];
        unset($custom['bibrel']);

        return Source::fromArray([...$source->toArray(), 'custom' => $unknown === [] ? $custom : [...$custom, 'csl' => $unknown], ...$own], $kinds);
    }

    /**
     * Lists of one opened, a subtitle joined to its title, and registries' names for types turned into the format's
     * own.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function plain(array $item): array
    {
        foreach (self::LISTED as $variable) {
            if (is_array($item[$variable] ?? null)) {
                $item[$variable] = Text::of(array_filter($item[$variable], is_scalar(...)), '0');
            }
        }
        $subtitle = Text::of($item, 'subtitle');
        if ($subtitle !== '' && ! str_contains(mb_strtolower(Text::of($item, 'title')), mb_strtolower($subtitle))) {
            $item['title'] = rtrim(Text::of($item, 'title'), ' :').': '.$subtitle;
        }
        unset($item['subtitle']);
        if (isset(self::ALIASES[Text::of($item, 'type')])) {
            $item['type'] = self::ALIASES[Text::of($item, 'type')];
        }

        return $item;
    }

    /** A genre or medium, unless the kind says it already. */
    private static function beyondKind(string $word, string $kind): string
    {
        return CslKinds::isKindWord($word, $kind) ? '' : $word;
    }

    /**
     * @param  array<string, mixed>  $item
     * @param  array<string, Role>  $roles
     * @param  list<string>  $without
     * @return list<Contributor>
     */
    private static function contributors(array $item, array $roles, array $without = []): array
    {
        $contributors = [];
        foreach ($roles as $variable => $role) {
            $names = is_array($item[$variable] ?? null) && ! in_array($variable, $without, true) ? $item[$variable] : [];
            foreach (self::within($names) as $name) {
                if (is_array($name)) {
                    $contributors[] = new Contributor($role, self::name($name));
                }
            }
        }

        return $contributors;
    }

    /**
     * The first of very many names and the last one, which is all that any style prints of them (APA 9.8: nineteen and
     * the last; MLA 5.7: the first).
     *
     * @param  array<mixed>  $names
     * @return array<mixed>
     */
    private static function within(array $names): array
    {
        return count($names) <= self::MOST_NAMES ? $names : [...array_slice($names, 0, self::MOST_NAMES - 1), end($names)];
    }

    /** @param  array<string, mixed>  $name */
    private static function name(array $name): Name
    {
        $literal = Text::of($name, 'literal');
        if ($literal !== '') {
            return str_starts_with($literal, '@') ? Name::screen($literal) : Name::group($literal);
        }

        return Name::person(
            Text::of($name, 'given'),
            Text::of($name, 'family'),
            Text::of($name, 'non-dropping-particle'),
            Text::of($name, 'dropping-particle'),
            Text::of($name, 'suffix'),
            (bool) ($name['static-ordering'] ?? false),
        );
    }

    /**
     * @param  array<string, mixed>  $item
     * @return non-empty-list<Container>
     */
    private static function containers(array $item, string $kind): array
    {
        $inBook = in_array($kind, self::IN_BOOK, true);
        $database = Text::of($item, 'source');
        $url = Text::of($item, 'URL');
        $isEpisode = in_array($kind, ['tv-episode', 'podcast-episode'], true);
        $isEvent = in_array($kind, ['lecture', 'poster', 'slides'], true);
        $publisher = Text::of($item, 'publisher');
        $number = Text::of($item, 'number');
        $first = new Container(...[
            'title' => Text::of($item, 'container-title') !== '' || ! $isEvent ? Text::of($item, 'container-title') : (Text::of($item, 'event-title') ?: Text::of($item, 'event')),
            'contributors' => [
                ...self::contributors($item, self::CONTAINER_ROLES),
                ...($inBook ? self::contributors($item, ['editor' => Role::Editor]) : []),
            ],
            'section' => Text::of($item, 'section'),
            'edition' => Text::of($item, 'edition'),
            'version' => Text::of($item, 'version'),
            'volume' => $isEpisode ? '' : Text::of($item, 'volume'),
            'volumes' => Text::of($item, 'number-of-volumes'),
            'issue' => Text::of($item, 'issue'),
            'number' => $isEpisode || $kind === 'journal-article' ? '' : $number,
            'season' => $isEpisode ? (Text::of($item, 'season') ?: Text::of($item, 'volume')) : Text::of($item, 'season'),
            'episode' => $isEpisode ? $number : '',
            'series' => Text::of($item, 'collection-title'),
            'seriesNumber' => Text::of($item, 'collection-number'),
            'publisher' => $publisher === '' && $kind === 'patent' ? Text::of($item, 'authority') : $publisher,
            'place' => Text::of($item, 'publisher-place') ?: Text::of($item, 'event-place'),
            'date' => CslDate::text($item['issued'] ?? null),
            'status' => Text::of($item, 'status'),
            'pages' => Text::of($item, 'page'),
            'articleNumber' => $kind === 'journal-article' ? $number : '',
            'collection' => implode(', ', array_filter([Text::of($item, 'archive_location'), Text::of($item, 'archive'), Text::of($item, 'archive-place')])),
            'doi' => Text::of($item, 'DOI'),
            'url' => $database === '' ? $url : '',
        ]);

        return $database === '' ? [$first] : [$first, new Container(title: $database, url: $url)];
    }
}
