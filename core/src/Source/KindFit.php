<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** What tells that a source is of this kind though somebody took it for another one. */
final readonly class KindFit
{
    /**
     * @param  list<string>  $insteadOf  ids of the kinds it is taken for
     * @param  string  $sentence  what is odd about it, and what to ask oneself
     * @param  string  $label  what a press on the button does
     * @param  list<string|list<string>>  $filled  fields that are filled in; of those in a list one at least
     * @param  list<string>  $empty  fields that are empty
     * @param  string  $address  a pattern for the address; '' for any
     */
    public function __construct(
        public array $insteadOf,
        public string $sentence,
        public string $label,
        public array $filled = [],
        public array $empty = [],
        public string $address = '',
    ) {
    }

    /** Whether it fits a source that is said to be of one of those kinds. */
    public function fits(Source $source): bool
    {
        $has = static fn (string $field): bool => $source->has(FieldPath::parse($field));
        foreach ($this->filled as $fields) {
            if (array_filter((array) $fields, $has) === []) {
                return false;
            }
        }

        return array_filter($this->empty, $has) === []
            && ($this->address === '' || preg_match($this->address, $source->container()->url) === 1);
    }
}
