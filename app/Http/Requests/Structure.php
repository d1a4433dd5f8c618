<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A JSON object or array within bounds. Unlike the rule "array" it also looks at blank text, which the validator passes
 * over otherwise.
 */
final class Structure implements ValidationRule
{
    public bool $implicit = true;

    /**
     * @param  int<1, max>  $depth  how many levels it may have
     * @param  int  $bytes  how large it may be as JSON
     */
    public function __construct(
        private readonly string $what,
        private readonly bool $required = false,
        private readonly int $depth = 24,
        private readonly int $bytes = 400_000,
    ) {
    }

    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if ($value === null && ! $this->required) {
            return;
        }
        if (! is_array($value)) {
            $fail("The part “{$attribute}” of the request is no {$this->what}. Reload the page and try again.");

            return;
        }
        $json = json_encode($value, 0, $this->depth);
        if ($json === false) {
            $fail("The {$this->what} is nested too deep, or holds something that is no text. Leave that part out.");
        } elseif (strlen($json) > $this->bytes) {
            $fail("The {$this->what} holds more text than can be kept. Shorten it, the annotation first.");
        }
    }
}
