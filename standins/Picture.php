<?php

declare(strict_types=1);

namespace Bibrel\Standins;

/** A small JPEG that says of itself who made it and when, as XMP, IPTC or EXIF. */
final class Picture
{
    public static function xmp(string $title, string $creator, string $date): string
    {
        $packet = '<x:xmpmeta xmlns:x="https://northmere.example/ns/meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:made="https://northmere.example/ns/made/" made:DateCreated="'.$date.'"><dc:title><rdf:Alt><rdf:li xml:lang="x-default">'.$title.'</rdf:li></rdf:Alt></dc:title><dc:creator><rdf:Seq><rdf:li>'.$creator.'</rdf:li></rdf:Seq></dc:creator></rdf:Description></rdf:RDF></x:xmpmeta>';

        return self::with(0xE1, "https://northmere.example/ns/xmp/\0".$packet);
    }

    public static function iptc(string $title, string $creator, string $date): string
    {
        $records = '';
        foreach ([5 => $title, 80 => $creator, 55 => $date] as $number => $value) {
            $records .= "\x1C\x02".chr($number).pack('n', strlen($value)).$value;
        }

        return self::with(0xED, "8BIM resources\0".'8BIM'.pack('n', 0x0404)."\0\0".pack('N', strlen($records)).$records.(strlen($records) % 2 === 1 ? "\0" : ''));
    }

    public static function exif(string $artist, string $date): string
    {
        // A TIFF header, one directory with the artist and a pointer to the camera's own, and that with the date.
        $artist .= "\0";
        $date .= "\0";
        $second = 8 + 2 + 2 * 12 + 4;
        $text = $second + 2 + 12 + 4;
        $tiff = "II*\0".pack('V', 8).pack('v', 2)
            .pack('vvVV', 0x013B, 2, strlen($artist), $text).pack('vvVV', 0x8769, 4, 1, $second).pack('V', 0)
            .pack('v', 1).pack('vvVV', 0x9003, 2, strlen($date), $text + strlen($artist)).pack('V', 0)
            .$artist.$date;

        return self::with(0xE1, "Exif\0\0".$tiff);
    }

    /** A grey picture of one point with a segment put in front. */
    private static function with(int $marker, string $segment): string
    {
        $picture = (string) base64_decode('/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=', true);

        return substr($picture, 0, 2)."\xFF".chr($marker).pack('n', strlen($segment) + 2).$segment.substr($picture, 2);
    }
}
