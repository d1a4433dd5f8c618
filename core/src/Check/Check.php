<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Read\Remark;
use Bibrel\Core\Source\Source;

/** What a careful librarian would remark on one source as it stands. */
final class Check
{
    /** @return list<Remark> */
    public static function source(Source $source): array
    {
        return [...self::title($source), ...self::people($source), ...self::dates($source), ...self::address($source)];
    }

    /** @return list<Remark> */
    private static function title(Source $source): array
    {
        return $source->title->isEmpty() && $source->genre === '' && $source->kind->fieldAt('title.main') !== null
            ? [new Remark('title-missing', 'title.main', 'The title is still open. Without one, describe the source in a few words.')]
            : [];
    }

    /** @return list<Remark> */
    private static function people(Source $source): array
    {
        $remarks = [];
        foreach ($source->contributors as $place => $one) {
            $name = $one->name->direct();
            if (preg_match('/^by\s/iu', $name) === 1) {
                $remarks[] = new Remark('name-by', "contributors.{$place}", "“{$name}” begins with “By”, which is not part of the name.");
            } elseif (str_contains($name, '@') && str_contains($name, '.')) {
                $remarks[] = new Remark('name-mail', "contributors.{$place}", "“{$name}” is an e-mail address, not a name.");
            } elseif (! $one->name->isGroup() && ! $one->name->isScreen() && preg_match('/\s(?:and|&)\s/iu', $name) === 1) {
                $remarks[] = new Remark('name-several', "contributors.{$place}", "“{$name}” looks like more than one person. Give each a line of their own.");
            } elseif (! $one->name->isGroup() && ! $one->name->isScreen() && preg_match('/^The\s|\b(?:Trust|Museum|University|Council|Society|Institute|Department|Ministry|Association|Foundation|Agency)\b/u', $name) === 1) {
                $remarks[] = new Remark('name-group', "contributors.{$place}", "“{$name}” looks like an organisation. Mark it as one, so that its name is not turned round.");
            }
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private static function dates(Source $source): array
    {
        $remarks = [];
        foreach (['containers.0.date' => $source->date(), 'accessed' => $source->accessedOn(), 'original.date' => $source->original->date()] as $field => $date) {
            if ($date->problem !== null) {
                $remarks[] = new Remark('date-impossible', $field, $date->problem);
            }
        }
        $published = $source->date()->ordinal();
        $accessed = $source->accessedOn()->ordinal();
        if ($published !== null && $accessed !== null && $source->date()->day !== null && $accessed < $published) {
            $remarks[] = new Remark('accessed-before-published', 'accessed', 'You read it before it was published, going by these two dates. One of them is wrong.');
        }

        return $remarks;
    }

    /** @return list<Remark> */
    private static function address(Source $source): array
    {
        $url = $source->container()->url;

        return $url !== '' && (preg_match('~^https?://\S+\.\S+~i', $url) !== 1)
            ? [new Remark('address-odd', 'containers.0.url', 'This does not look like a whole web address. Copy it again from the browser’s address bar.')]
            : [];
    }
}
