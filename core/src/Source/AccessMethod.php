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
        $only = self::only($field->path);

        return match (true) {
            $field->need === Need::Required => Need::Required,
            $only !== [] && ! in_array($this, $only, true) => null,
            // Pages are a matter of print; on the web they are a bonus.
            $field->path === ContainerField::Pages->at() && $this !== self::Print && $this !== self::Database => Need::Optional,
            $field->need === Need::Optional && $field->path === $this->expected() => Need::Expected,
            default => $field->need,
        };
    }

    /** @return list<self> the ways of reaching a source that alone make sense of a field; none where all do */
    private static function only(FieldPath $path): array
    {
        return match ($path) {
            ContainerField::Url->at() => [self::Web, self::App],
            ContainerField::Title->at(1), ContainerField::Url->at(1) => [self::Database, self::App],
            ContainerField::Collection->at() => [self::InPerson, self::Web, self::Database],
            ContainerField::Place->at() => [self::Print, self::InPerson],
            FieldPath::accessed() => [self::Web, self::Database, self::App],
            default => [],
        };
    }

    /** The field a way of reaching makes expected. */
    private function expected(): ?FieldPath
    {
        return match ($this) {
            self::Web => ContainerField::Url->at(),
            self::Database, self::App => ContainerField::Title->at(1),
            self::InPerson => ContainerField::Collection->at(),
            self::Print => null,
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
