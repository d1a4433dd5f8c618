<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/**
 * What databases, archives and museums call the kinds of what they hold: "Newspaper article", "Still Image", "Gemälde".
 */
final readonly class TypeWords
{
    private const KINDS = [
        'newspaper-article' => 'newspapers?(?: articles?)?|zeitungsartikel',
        'magazine-article' => 'magazines?(?: articles?)?|trade publications?',

        'journal-article' => '(?:academic |scholarly |peer[- ]reviewed )?journals?(?: articles?)?|(?:original )?research[- ]articles?|original (?:article|paper|investigation)|zeitschriftenartikel|article de revue',
        'chapter' => '(?:book )?chapters?|buchkapitel',
        'ebook' => 'e-?books?|electronic books?',
        'book' => '(?:printed )?books?|monographs?|buch|livre|libro',
        'thesis' => '(?:(?:doctoral|master’?\'?s|bachelor’?\'?s|ph\.?d\.?|honou?rs) )?(?:thes[ie]s|dissertations?)|doktorarbeit|thèse|tesis',
        'conference-paper' => 'conference (?:papers?|proceedings?)|proceedings? papers?',
        'report' => '(?:technical |research )?reports?|working papers?',
        'preprint' => 'preprints?',
        'data-set' => 'data ?sets?',
        'patent' => 'patents?',
        'map' => '(?:[\p{L}]+ )?(?:maps?|charts?)|karte|carte|mapa|cartographic(?: material)?',

        'photograph' => '(?:[\p{L}-]+ )?(?:photographs?|photos?|negatives?|photographic prints?)|still ?images?|fotografie|photographie|fotografía|foto',

        'artwork' => '(?:[\p{L}]+ )?(?:paintings?|sculptures?|drawings?|watercolou?rs?|engravings?|etchings?|woodcuts?|prints?|art ?works?)|gemälde|skulptur|plastik|zeichnung|druckgrafik|aquarell|peinture|dessin|estampe|pintura|escultura|dibujo|schilderij|tekening',
        'poster' => 'posters?|plakate?|affiches?',
        'film' => 'films?|motion pictures?|moving ?images?',

        'archive-item' => 'manuscripts?|correspondence|(?:personal )?letters?|diar(?:y|ies)|archival (?:material|item)s?',
        'podcast-episode' => 'podcast episodes?',
    ];

    public function __construct(private string $said)
    {
    }

    /** The kind a value names; '' where it names none, or one that has no kind of its own, such as "Article". */
    public function kind(): string
    {
        $said = $this->said;
        // The first of several words counts, and what stands in brackets after it describes it.
        $said = trim((string) preg_replace(['/\s*[;,(\/|].*$/u', '/^\d+\s+/u'], '', $said), ' .:');
        foreach (self::KINDS as $kind => $words) {
            if (preg_match("/^(?:{$words})$/iu", $said) === 1) {
                return $kind;
            }
        }

        return '';
    }
}
