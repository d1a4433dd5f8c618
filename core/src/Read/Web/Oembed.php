<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;

/** What a page's oEmbed answer says: title, the channel that put it up, the site. */
final class Oembed
{
    private const WHERE = 'From what the site says for embedding (oEmbed).';

    /** @return list<Finding> none for what is no such answer */
    public static function findings(string $json): array
    {
        $said = json_decode($json, true, 16);
        if (! is_array($said) || ! is_string($said['type'] ?? null)) {
            return [];
        }
        $text = static fn (string $key): string => is_scalar($said[$key] ?? null) ? (string) $said[$key] : '';
        $people = (new Schema([]))->people(['name' => $text('author_name')], $said['type'] === 'video' ? Role::Uploader : Role::Author);

        return [
            ...Make::text(FieldPath::kind(), ['video' => 'online-video', 'photo' => 'photograph'][$said['type']] ?? '', self::WHERE, Confidence::Stated),
            ...Make::text(FieldPath::title(), $text('title'), self::WHERE, Confidence::Stated),
            ...($text('author_name') === '' ? [] : Make::people(array_map(static fn (Contributor $one): Contributor => $one, $people), self::WHERE, Confidence::Likely, $text('author_name'))),
            ...Make::text(ContainerField::Title->at(), $text('provider_name'), self::WHERE, Confidence::Stated),
        ];
    }
}
