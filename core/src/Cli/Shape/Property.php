<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Shape;

/** One property of a JSON shape. */
final readonly class Property
{
    /**
     * @param  string  $type  "string", "bool", "int", "path", "kind", "any", or a class or enum of the core
     * @param  bool  $isList  whether there may be several
     * @param  bool  $isOptional  whether it may be left out
     * @param  bool  $isNullable  whether it may be null
     */
    public function __construct(
        public string $name,
        public string $type,
        public bool $isList = false,
        public bool $isOptional = false,
        public bool $isNullable = false,
        public string $description = '',
        public int $most = 0,
    ) {
    }
}
