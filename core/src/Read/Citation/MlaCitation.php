<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Name;

/** An MLA entry: author, title, then each container's elements between commas (MLA Handbook, 9th ed., ch. 5). */
final readonly class MlaCitation
{
    /** What the 7th edition closes with. */
    private const MEDIUM = 'Print|Web|Film|DVD|CD|Television|Radio|E-mail|TS|MS';

    /** What may stand at the very end to say what the title does not, and the kind it tells. */
    private const FORMS = [
        'Press release' => 'press-release', 'Conference presentation' => 'lecture', 'Lecture' => 'lecture',
        'Speech' => 'lecture', 'Address' => 'lecture', 'Poster presentation' => 'poster', 'Map' => 'map',
        'Advertisement' => 'advertisement', 'Cartoon' => 'cartoon', 'Comic strip' => 'cartoon',
        'Editorial' => 'editorial', 'Letter' => 'reader-letter', 'Letter to the editor' => 'reader-letter',
    ];

    public function __construct(private string $text)
    {
    }

    public function parts(): CitationParts
    {
        $text = $this->text;
        $source = ['kind' => 'other', 'accessed' => ''];
        $text = CitedDate::dayFirst($text);
        if (preg_match(

            '/^(.*?)\s*\(?(?:Accessed|Date accessed|Date of access|Retrieved)(?: on)?:?\s+(\d{1,2} [^().]{3,12}\.? \d{4})[.)]*(?:\s+(<?(?:https?:|www\.)\S+))?$/us',
            $text,
            $m,
        ) === 1) {
            [$text, $source['accessed']] = [isset($m[3]) ? "{$m[1]} {$m[3]}" : $m[1], CitedDate::text($m[2])];
        }
        $form = '';
        if (preg_match('~^(.*[\w/”)]\.)\s+('.implode('|', array_keys(self::FORMS)).')\.?$~us', $text, $m) === 1) {
            [$text, $form] = [$m[1], $m[2]];
        }
        [$text, $doi, $url] = CitationParts::address(rtrim($text));
        $text = trim($text);
        $medium = '';
        if (preg_match('/^(.*[.”])\s+('.self::MEDIUM.')\.(?:\s+('.CitedDate::day().')\.?)?$/us', $text, $m) === 1) {
            [$text, $medium] = [$m[1], $m[2]];
            $source['accessed'] = $m[3] ?? $source['accessed'];
            $source += $medium === 'Web' ? ['reached' => 'web'] : [];
        }
        [$authors, $title, $rest, $isQuoted, $doubts] = self::opening($text);
        $place = '';
        $sentences = (new Sentences($rest))->all();
        if ($medium !== '' || preg_match('/(?:^|\s)(?:Ed|Trans|Dir)\. \p{Lu}|\d\.\d+ \(\d{4}\): /u', $rest) === 1) {
            [$sentences, $place] = (new MlaSeventh($rest))->modern();
        }
        $source['contributors'] = (new MlaPeople($authors))->contributors();
        $source['title'] = ['main' => self::unnested($title, $isQuoted)];
        if (count(explode(' ', rtrim($authors, '.'))) < 4
            && NameShape::isPersonal(Name::parse(rtrim($authors, '.')), true)
            && ! str_contains($authors, ',')) {
            $doubts = [CitationParts::doubt(FieldPath::contributors(), '“'.rtrim(
                $authors,
                '.',
            ).'” is not inverted. If its '
                .'last word is the family name, enter it as a person, with that name first.')];
        }
        if (preg_match('/\bet al\b/u', (string) preg_replace('/“.*”/u', '', $text)) === 1) {
            $doubts = [
                CitationParts::cutShort('“et al.” stands for people the entry does not name. Add them from the source.'),
            ];
        }
        $source = (new MlaAfterTitle($source, $isQuoted, $url.$doi !== '', self::FORMS))->read($sentences);
        if ($form !== '') {
            $source['kind'] = self::FORMS[$form];
            $source['genre'] = in_array($source['kind'], ['lecture', 'poster'], true) ? $form : '';
        }
        if ($place !== '') {
            $source['containers'][0]['place'] = $place;
        }
        // A DOI is the article's own, wherever the entry has it.
        $source['containers'][0] = self::filled([...$source['containers'][0], 'doi' => $doi]);
        $last = count($source['containers']) - 1;
        $source['containers'][$last] = self::filled([...$source['containers'][$last], 'url' => $url]);

        return new CitationParts((new MlaTitle($title, $isQuoted))->told($source, $medium), $doubts);
    }

    /**
     * Author, title, and what is after; quotation marks tell where the title of a part begins.
     *
     * @return array{string, string, string, bool, list<Issue>} authors, title, the rest, whether the title stood in
     *         quotation marks, doubts
     */
    private static function opening(string $text): array
    {
        if (preg_match('/^((?:[^“]*[.,\])])?)\s*“(.+?(?:[.?!,][’]?(?=”)|(?=”[.,])))”[.,]?\s*(.*)$/us', $text, $m) === 1
            && mb_strlen($m[1]) < 200) {
            return [
                rtrim(trim($m[1]), ','), rtrim((string) preg_replace('/[.,](?=’?$)/u', '', $m[2])), $m[3], true, [],
            ];
        }
        $sentences = (new Sentences($text))->all();
        // "Authora, A. Low Water": after initials the title begins.
        if (preg_match('/^([\p{Lu}][^,.]+, (?:\p{Lu}\.\s?)+)(?<=\.) ?(\p{Lu}\p{L}.*)$/u', $sentences[0], $m) === 1
            && (! (new MlaPeople($sentences[0]))->areNames() || str_word_count($m[2]) > 2)) {
            array_splice($sentences, 0, 1, [trim($m[1]), $m[2]]);
        }
        if (count($sentences) === 1) {
            return ['', rtrim($sentences[0], '.'), '', false, []];
        }
        $isName = (new MlaPeople($sentences[0]))->areNames();
        $isTitleFirst = ! $isName && (count($sentences) === 2 || self::isContainer($sentences[1]));
        if ($isTitleFirst) {
            return ['', rtrim($sentences[0], '.'), implode(' ', array_slice($sentences, 1)), false, []];
        }
        $doubts = $isName
            ? []
            : [CitationParts::doubt(FieldPath::contributors(), "“{$sentences[0]}” may be an organisation that made it, or the title itself.")];

        return [$sentences[0], rtrim($sentences[1], '.'), implode(' ', array_slice($sentences, 2)), false, $doubts];
    }

    /**
     * Whether a sentence holds a container's elements rather than a title: somebody's deed, or a date between commas.
     */
    private static function isContainer(string $sentence): bool
    {
        return preg_match(
            '/^(?:(?:directed|edited|translated|created|performances?|narrated|hosted)\b|(?:Dir|Ed|Trans|Perf)\. )/iu',
            $sentence,
        ) === 1
            || preg_match('/(?:^|,\s).*\d{4}(?:,|\.$)/u', $sentence) === 1
                && str_contains($sentence, ',')
                && preg_match('/^\p{Lu}[^,]*\s\p{Ll}/u', $sentence) !== 1;
    }

    /** Inside a title in quotation marks quotations have single ones; they are double where the title stands alone. */
    private static function unnested(string $title, bool $isQuoted): string
    {
        return $isQuoted ? (string) preg_replace('/‘([^‘’]+(?:’\p{L}[^‘’]*)*)’/u', '“$1”', $title) : $title;
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function filled(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => $value !== '' && $value !== []);
    }
}
