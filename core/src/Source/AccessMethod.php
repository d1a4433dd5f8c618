<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How the student got at a source; decides which fields of its form matter. */
enum AccessMethod: string
{
    case Print = 'print';
    case Web = 'web';
    case Database = 'database';
    case App = 'app';
    case InPerson = 'in-person';

    /** Fields that only make sense for some ways of reaching a source. */
    private const ONLY = [
        'containers.0.url' => [self::Web, self::App],
        'containers.1.title' => [self::Database, self::App],
        'containers.1.url' => [self::Database, self::App],
        'containers.0.collection' => [self::InPerson, self::Web, self::Database],
        'accessed' => [self::Web, self::Database, self::App],
        'containers.0.place' => [self::Print, self::InPerson],
    ];

    /** Fields that a way of reaching makes expected. */
    private const EXPECTED = [
        'web' => ['containers.0.url'],
        'database' => ['containers.1.title'],
        'app' => ['containers.1.title'],
        'in-person' => ['containers.0.collection'],
    ];

    public function label(): string
    {
        return match ($this) {
            self::Print => 'In print',
            self::Web => 'On the web',
            self::Database => 'Through a library database',
            self::App => 'On a device or in an app',
            self::InPerson => 'In person',
        };
    }

    /** How much a field matters for a source reached this way; null where it is out of place. */
    public function need(Field $field): ?Need
    {
        return match (true) {
            $field->need === Need::Required => Need::Required,
            isset(self::ONLY[$field->path]) && ! in_array($this, self::ONLY[$field->path], true) => null,
            // Pages are a matter of print; on the web they are a bonus.
            $field->path === 'containers.0.pages' && $this !== self::Print && $this !== self::Database => Need::Optional,
            $field->need === Need::Optional && in_array($field->path, self::EXPECTED[$this->value] ?? [], true) => Need::Expected,
            default => $field->need,
        };
    }

    /** @return list<self> the usual ways to a source of this shape, the commonest first */
    public static function usual(Containment $containment): array
    {
        return match ($containment) {
            Containment::SelfContained, Containment::PartOf, Containment::InPeriodical => [self::Print, self::Web, self::Database],
            Containment::OnSite => [self::Web],
            Containment::Law => [self::Web, self::Print],
            Containment::PersonalCommunication => [],
        };
    }
}
