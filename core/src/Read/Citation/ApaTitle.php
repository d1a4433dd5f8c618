<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\TypeWords;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\TitleLanguage;

/**
 * An APA entry's title, with what stands in parentheses and brackets after it: editors and translators, edition,
 * numbers, and what the work is (Publication Manual, 7th ed., 9.18-9.22).
 */
final class ApaTitle
{
    private const BRACKETS = [
        'Video' => 'online-video', 'Film' => 'film', 'Motion picture' => 'film', 'Data set' => 'data-set',
        'Audio podcast episode' => 'podcast-episode', 'Video podcast episode' => 'podcast-episode',
        'Audio podcast' => 'podcast-series', 'TV series episode' => 'tv-episode', 'TV series' => 'tv-series',
        'Song' => 'song', 'Album' => 'album', 'Map' => 'map', 'Photograph' => 'photograph', 'Painting' => 'artwork',
        'Sculpture' => 'artwork', 'Mobile app' => 'app', 'Computer software' => 'software',
        'Press release' => 'press-release', 'Letter to the editor' => 'reader-letter', 'Editorial' => 'editorial',
        'Post' => 'social-post', 'Tweet' => 'social-post', 'Online forum post' => 'forum-post',
        'Audiobook' => 'audiobook', 'Special issue' => 'special-issue', 'Exhibition' => 'exhibition',
        'Large language model' => 'ai-text', 'PowerPoint slides' => 'slides', 'Poster presentation' => 'poster',
        'Cartoon' => 'cartoon', 'Comic strip' => 'cartoon',
    ];

    /** Words in brackets that are printed as they stand. */
    private const SAID = [
        'Conference presentation' => 'lecture', 'Paper presentation' => 'lecture', 'Conference session' => 'lecture',
        'Keynote address' => 'lecture', 'Lecture' => 'lecture', 'Speech' => 'lecture', 'Webinar' => 'lecture',
    ];

    private const HELPERS = [
        'Trans' => 'translator',
        'Ed' => 'editor',
        'Eds' => 'editor',
        'Illus' => 'illustrator',
        'Narr' => 'narrator',
        'Comp' => 'compiler',
    ];

    public string $main = '';

    public string $translated = '';

    public string $kind = '';

    public string $genre = '';

    public string $subject = '';

    public string $medium = '';

    /** @var array<string, string> of the container */
    public array $fields = [];

    /** @var list<array<string, mixed>> as contributors */
    public array $people = [];

    private function __construct()
    {
    }

    /** @return array{self, string} the title, and what stands after it */
    public static function parse(string $rest): array
    {
        [$said, $after] = self::parted($rest);
        $title = new self;
        $title->main = trim($said);
        while (preg_match('/^(.*?)\s*(\[[^\[\]]+\]|\([^()]+\))$/us', $title->main, $m) === 1) {
            $inside = substr($m[2], 1, -1);
            if (! ($m[2][0] === '[' ? $title->bracket($m[1], $inside) : $title->parenthesis($inside))) {
                break;
            }
            $title->main = trim($m[1]);
        }

        return [$title, $after];
    }

    /**
     * The title ends at its first stop that closes neither an initial nor an abbreviation and stands in no brackets.
     *
     * @return array{string, string} the title with what stands in brackets after it, and the rest
     */
    private static function parted(string $rest): array
    {
        preg_match_all('/[.?!][”’]?(?=\s|$)/u', $rest, $stops, PREG_OFFSET_CAPTURE);
        foreach ($stops[0] as [$mark, $at]) {
            $before = substr($rest, 0, $at);
            $open = substr_count(
                $before,
                '(',
            ) - substr_count($before, ')') + substr_count($before, '[') - substr_count($before, ']');
            if ($open > 0
                || $mark === '.'
                    && preg_match(
                        '/(?:^|[\s(&-])(?:\p{Lu}|vs?|eds?|vol|no|pp?|trans|mr|mrs|dr|st|inc|jr)$/iu',
                        $before,
                    ) === 1) {
                continue;
            }
            // After a question a title may go on, where still more follows it.
            if ($mark !== '.'
                && $mark[0] !== '.'
                && count((new Sentences(trim(substr($rest, $at + strlen($mark)))))->all()) > 1
                && preg_match('/^\s*(?:In |[\[(])/u', substr($rest, $at + strlen($mark))) !== 1) {
                continue;
            }
            $title = $mark[0] === '.' ? $before : $before.$mark;
            $after = trim(substr($rest, $at + strlen($mark)));
            if (preg_match('/^((?:\s*(?:\([^)]*\)|\[[^\]]*\]))+)\.?\s*(.*)$/us', $after, $m) === 1) {
                return [$title.' '.trim($m[1]), $m[2]];
            }

            return [$title, $after];
        }

        return [rtrim($rest, '.'), ''];
    }

    private function bracket(string $before, string $said): bool
    {
        if (preg_match('/^Review of (?:the \p{Ll}+ )?(.+?)(?:, by (.+))?$/u', $said, $m) === 1) {
            [$this->kind, $this->subject] = ['review', $m[1]];
            if (preg_match('/^((?:\p{Lu}\.[\s-]?)+)\s*(.+)$/u', $m[2] ?? '', $n) === 1) {
                $this->people[] = ['role' => 'reviewed-author', 'name' => Name::parse("{$n[2]}, {$n[1]}")->toArray()];
            }
        } elseif (preg_match('/^((?:Unpublished )?.*(?:dissertation|thesis))(?:,\s*(.+))?$/iu', $said, $m) === 1) {
            [$this->kind, $this->genre] = ['thesis', $m[1]];
            $this->fields += array_filter(['publisher' => $m[2] ?? '']);
        } elseif (isset(self::BRACKETS[$said])) {
            $this->kind = self::BRACKETS[$said];
        } elseif (isset(self::SAID[$said])) {
            [$this->kind, $this->genre] = [self::SAID[$said], $said];
        } elseif (preg_match('/^Comment on /u', $said) === 1) {
            [$this->kind, $this->genre] = ['forum-post', $said];
        } elseif ((new TitleLanguage($before))->code() !== '') {
            $this->translated = $said;
        } elseif (preg_match('/^\p{L}+(?: \p{L}+)? (?:on|and) \p{L}+(?: \p{L}+)?$/u', $said) === 1
            || (new TypeWords($said))->kind() === 'artwork') {
            [$this->kind, $this->medium] = ['artwork', lcfirst($said)];
        } else {
            return false;
        }

        return true;
    }

    private function parenthesis(string $said): bool
    {
        foreach (preg_split('/\s*;\s*|,\s+(?=Vol\.|No\.|pp?\.)/u', $said) ?: [] as $part) {
            if (! $this->particular($part)) {
                return false;
            }
        }

        return true;
    }

    private function particular(string $part): bool
    {
        $found = $this->helpers($part) ?: self::edition($part) ?: $this->number($part) ?: self::numbered($part);
        if (is_array($found)) {
            $this->fields += $found;
        }

        return $found !== [];
    }

    /** Adds those named with what they did: "P. Ilves, Trans."; whether anybody was. */
    private function helpers(string $part): bool
    {
        if (preg_match('/^(.+), (Trans|Eds?|Illus|Narr|Comp)\.(?: & (Trans|Ed|Illus)\.)?$/u', $part, $m) !== 1) {
            return false;
        }
        foreach (array_filter([$m[2], $m[3] ?? '']) as $word) {
            foreach (preg_split('/\s*,?\s*&\s*|,\s*/u', $m[1]) ?: [] as $name) {
                if (preg_match('/^((?:\p{Lu}\.[\s-]?)+)\s*(.+)$/u', $name, $n) === 1) {
                    $person = Name::parse("{$n[2]}, {$n[1]}");
                    $this->people[] = ['role' => self::HELPERS[$word], 'name' => $person->toArray()];
                }
            }
        }

        return true;
    }

    /** @return array<string, string> */
    private static function edition(string $part): array
    {
        return match (true) {
            preg_match('/^(\d+(?:st|nd|rd|th)) ed\.$/u', $part, $m) === 1 => ['edition' => $m[1]],
            preg_match('/^((?:\d|Rev).*) ed\.$/u', $part, $m) === 1 => ['edition' => lcfirst($m[1]).' ed.'],
            preg_match('/^(.*) ed\.$/u', $part, $m) === 1 => ['edition' => lcfirst($m[1])],
            default => [],
        };
    }

    /** @return array<string, string> a report's number, with the kind its word tells */
    private function number(string $part): array
    {
        if (preg_match('/^(.*Patent) No\. (.+)$/u', $part, $m) === 1) {
            $this->kind = $this->kind ?: 'patent';

            return ['number' => "{$m[1]} No. {$m[2]}"];
        }
        if (preg_match('/^(?:(.*?) )?No\. (.+)$/u', $part, $m) !== 1) {
            return [];
        }
        $this->kind = $this->kind ?: (str_contains($m[1], 'Report') ? 'report' : '');
        $this->genre = $this->kind === 'report' && $m[1] !== 'Report' ? $m[1] : $this->genre;

        return ['number' => $m[2]];
    }

    /** @return array<string, string> volumes, seasons, versions */
    private static function numbered(string $part): array
    {
        return match (true) {
            preg_match('/^Vols\. 1[–-](\d+)$/u', $part, $m) === 1 => ['volumes' => $m[1]],
            preg_match('/^Vols?\.\s*([\w–-]+)$/u', $part, $m) === 1 => ['volume' => $m[1]],
            preg_match('/^Season (\d+), Episode (\d+)$/u', $part, $m) === 1 => ['season' => $m[1], 'episode' => $m[2]],
            preg_match('/^Version\s*(.+)$/u', $part, $m) === 1 => ['version' => $m[1]],
            preg_match('/^.+ version$/u', $part) === 1 => ['version' => $part],
            default => [],
        };
    }
}
