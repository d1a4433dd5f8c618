<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Image;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Xml;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;

/**
 * What a picture's own file says of it: XMP, IPTC and EXIF, in that order of trust, since the first two are filled in
 * by people and the last mostly by cameras.
 */
final readonly class ImageFile
{
    private const XMP = 'From the picture’s own file (XMP).';

    private const IPTC = 'From the picture’s own file (IPTC).';

    private const EXIF = 'From the picture’s own file (EXIF), as the camera wrote it.';

    public function __construct(private string $bytes, private string $url)
    {
    }

    public function reading(): Reading
    {
        $said = [...self::xmp($this->bytes), ...self::iptc($this->bytes), ...self::exif($this->bytes)];
        $findings = [
            FieldPath::kind()->key => new Finding(
                FieldPath::kind(),
                'photograph',
                new Evidence('The address leads to a picture’s own file.', $this->url),
                Confidence::Likely,
            ),
        ];
        foreach ($said as [$field, $value, $where, $confidence]) {
            $findings[$field->key] ??= self::finding($field, Text::line($value), $where, $confidence);
        }
        $findings = array_filter($findings);
        $issues = [new Issue('picture-file', ContainerField::Title->at(), 'This is the picture’s own file. Where did you see it? Name '
            .'the website, museum or collection, and use the address of the page it stands on.', dismissal: Dismissal::Noted)];
        if (! isset($findings[FieldPath::contributors()->key])) {
            $issues[] = new Issue('author-missing', FieldPath::contributors(), 'The file does not say who made the picture. Look next to '
                .'it on the page it stands on.', dismissal: Dismissal::HasNone);
        }

        return new Reading('photograph', $this->url, $findings, $issues, []);
    }

    private static function finding(FieldPath $field, string $value, string $where, Confidence $confidence): ?Finding
    {
        if ($value === '') {
            return null;
        }
        $evidence = new Evidence($where, $value);
        if ($field === FieldPath::contributors()) {
            $people = array_map(
                static fn (Contributor $one): Contributor => new Contributor(Role::Photographer, $one->name),
                Bylines::contributors($value),
            );

            return $people === [] ? null : new Finding($field, $people, $evidence, $confidence);
        }
        if ($field === ContainerField::Date->at()) {
            $date = PartialDate::parse((string) preg_replace('/^(\d{4}):(\d{2}):(\d{2}).*$/', '$1-$2-$3', $value));

            return $date->isDate() ? new Finding($field, $date->words(), $evidence, $confidence) : null;
        }

        return new Finding($field, $value, $evidence, $confidence);
    }

    /** @return list<array{FieldPath, string, string, Confidence}> */
    private static function xmp(string $bytes): array
    {
        $start = strpos($bytes, '<x:xmpmeta');
        $end = $start === false ? false : strpos($bytes, '</x:xmpmeta>', $start);
        if ($start === false || $end === false) {
            return [];
        }
        $xpath = Xml::parse(substr($bytes, $start, $end - $start + 12));
        if ($xpath === null) {
            return [];
        }
        $text = static function (string $name) use ($xpath): string {
            $found = $xpath->query(
                "//*[local-name()=\"{$name}\"]//*[local-name()=\"li\"] | //*[local-name()=\"{$name}\"][not(*)] | //@*[local-name()=\"{$name}\"]",
            );

            return $found === false
                ? ''
                : implode(
                    '; ',
                    array_filter(
                        array_map(
                            static fn (mixed $node): string => $node instanceof \DOMNode
                                ? trim($node->textContent)
                                : '',
                            iterator_to_array($found),
                        ),
                    ),
                );
        };

        return [
            [FieldPath::title(), $text('title') ?: $text('Headline'), self::XMP, Confidence::Stated],
            [FieldPath::contributors(), $text('creator'), self::XMP, Confidence::Stated],
            [ContainerField::Date->at(), $text('DateCreated'), self::XMP, Confidence::Stated],
            [ContainerField::Publisher->at(), $text('Source'), self::XMP, Confidence::Likely],
        ];
    }

    /** @return list<array{FieldPath, string, string, Confidence}> */
    private static function iptc(string $bytes): array
    {
        // The block of image resources that holds the IPTC record.
        $at = strpos($bytes, "8BIM\x04\x04");
        $records = $at === false ? false : @iptcparse(substr($bytes, $at, 65_000));
        if (! is_array($records)) {
            return [];
        }
        $text = static fn (string $tag): string => mb_scrub((string) ($records[$tag][0] ?? ''));

        return [
            [FieldPath::title(), $text('2#005') ?: $text('2#105'), self::IPTC, Confidence::Stated],
            [FieldPath::contributors(), $text('2#080'), self::IPTC, Confidence::Stated],
            [
                ContainerField::Date->at(),
                (string) preg_replace('/^(\d{4})(\d{2})(\d{2})$/', '$1-$2-$3', $text('2#055')),
                self::IPTC,
                Confidence::Stated,
            ],
        ];
    }

    /** @return list<array{FieldPath, string, string, Confidence}> */
    private static function exif(string $bytes): array
    {
        if (! str_starts_with($bytes, "\xFF\xD8") || ! function_exists('exif_read_data')) {
            return [];
        }
        $stream = fopen('php://memory', 'r+');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $bytes);
        rewind($stream);
        $said = @exif_read_data($stream);
        fclose($stream);
        $text = static fn (string $key): string => is_array($said) && is_scalar($said[$key] ?? null)
            ? trim(mb_scrub((string) $said[$key]), "\0 ")
            : '';

        return [
            [FieldPath::title(), $text('ImageDescription'), self::EXIF, Confidence::Likely],
            [FieldPath::contributors(), $text('Artist'), self::EXIF, Confidence::Likely],
            [ContainerField::Date->at(), $text('DateTimeOriginal'), self::EXIF, Confidence::Likely],
        ];
    }
}
