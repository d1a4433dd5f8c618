<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Contracts\Validation\ValidationRule;

/** How much one source may hold. What is over a limit is refused with a sentence, never cut in silence. */
final class SourceLimits implements ValidationRule
{
    public function validate(string $attribute, mixed $value, \Closure $fail): void
    {
        if (! is_array($value)) {
            return;
        }
        /** @var array{contributors: int, containers: int, custom_depth: int<1, max>, custom_bytes: int} $most */
        $most = config('bibrel.limits.source');
        $containers = is_array($value['containers'] ?? null) ? $value['containers'] : [];
        $lists = [
            $value['contributors'] ?? [], ...array_column(array_filter($containers, is_array(...)), 'contributors'),
        ];
        $people = array_sum(array_map(static fn (mixed $list): int => is_array($list) ? count($list) : 0, $lists));
        if ($people > $most['contributors']) {
            $fail("This source names {$people} people, more than the {$most['contributors']} that can be kept. "
                .'No style prints more than the first nineteen and the last: keep those.');
        }
        if (count($containers) > $most['containers']) {
            $fail("This source stands in more than {$most['containers']} containers. Leave the outermost out.");
        }
        $custom = $value['custom'] ?? null;
        if (is_array($custom)) {
            $json = json_encode($custom, 0, $most['custom_depth']);
            if ($json === false || strlen($json) > $most['custom_bytes']) {
                $fail('What this record carries beyond our fields (“custom”) is too large or nested too deep to be '
                    .'kept. '
                    .'Take it out of the record.');
            }
        }
    }
}
