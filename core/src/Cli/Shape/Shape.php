<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Shape;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldGuide;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Original;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;

/**
 * The JSON shape of a class of the core, read off its constructor: what it is made of is what it says in JSON. The JSON
 * Schema and the interface's types are printed from it.
 */
final readonly class Shape
{
    /** What is left out of the JSON where it is empty. */
    private const SPARSE = [Title::class, Container::class, Original::class, Source::class, Contributor::class];

    /** Properties that tell how a class is made and are no part of its JSON. */
    private const INNER = ['Name' => ['kind'], 'Finding' => ['dateOf'], 'Evidence' => ['isAddress']];

    /** @param  list<Property>  $properties */
    private function __construct(public string $name, public array $properties)
    {
    }

    /** @param  class-string  $class */
    public static function of(string $class): self
    {
        $short = self::short($class);
        $constructor = (new \ReflectionClass($class))->getMethod('__construct');
        $doc = (string) $constructor->getDocComment();
        $properties = [];
        foreach ($constructor->getParameters() as $parameter) {
            $name = $parameter->getName();
            $isPublic = $parameter->isPromoted() && (new \ReflectionProperty($class, $name))->isPublic();
            if ($isPublic && ! in_array($name, self::INNER[$short] ?? [], true)) {
                $properties[] = self::property($class, $parameter, $doc);
            }
        }

        return new self($short, $properties);
    }

    public static function short(string $class): string
    {
        return substr((string) strrchr("\\{$class}", '\\'), 1);
    }

    /** @param  class-string  $class */
    private static function property(string $class, \ReflectionParameter $parameter, string $doc): Property
    {
        $name = $parameter->getName();
        preg_match("/@param +(\\S+) +\\\${$name}\\b *((?:[^\\n@*]|\\n +\\* {3,})*)/", $doc, $m);
        $type = ltrim((string) $parameter->getType(), '?');
        $isList = $type === 'array' && preg_match('/list<(\w+)>/', $m[1] ?? '', $of) === 1;
        // Names are made in several ways, none of which says all.
        $isSparse = in_array($class, self::SPARSE, true) || self::short($class) === 'Name';

        return new Property(
            $name,
            $isList && isset($of[1]) ? self::named($class, $of[1]) : self::type($type),
            $isList,
            $isSparse && ($parameter->isDefaultValueAvailable() || $class === Source::class && $name === 'id'),
            $parameter->getType()?->allowsNull() === true,
            self::description($class, $name, (string) preg_replace('/\s*\n +\* +/', ' ', trim($m[2] ?? ''))),
            $class === Source::class && $name === 'containers' ? FieldPath::CONTAINERS : 0,
        );
    }

    private static function type(string $type): string
    {
        return match (true) {
            $type === Kind::class => 'kind',
            $type === FieldPath::class => 'path',
            in_array($type, ['string', 'bool', 'int'], true) => $type,
            class_exists($type), enum_exists($type) => $type,
            default => $type === 'array' ? 'any' : 'value',
        };
    }

    private static function description(string $class, string $name, string $said): string
    {
        $path = match ($class) {
            Source::class => FieldPath::tryParse($name),
            Container::class => ContainerField::tryFrom($name)?->at(),
            Title::class => FieldPath::tryParse("title.{$name}"),
            Original::class => FieldPath::tryParse("original.{$name}"),
            default => null,
        };

        return $path === null ? $said : (FieldGuide::what($path) ?: $said);
    }

    /** @return string the class a docblock names, in the room of the class or in Source */
    private static function named(string $class, string $name): string
    {
        if ($name === 'self') {
            return $class;
        }
        $own = substr($class, 0, (int) strrpos($class, '\\'))."\\{$name}";

        return class_exists($own) ? $own : "Bibrel\\Core\\Source\\{$name}";
    }
}
