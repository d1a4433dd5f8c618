<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** The words of forms and styles for what somebody did (core/data/roles.php). */
final readonly class RoleWords
{
    /** @param  array<string, array<string, string|array{string, string}>>  $words  by role */
    private function __construct(private array $words)
    {
    }

    public static function all(): self
    {
        static $all = null;

        return $all ??= new self(require dirname(__DIR__, 2).'/data/roles.php');
    }

    /** A role's word for a use, for so many people; '' where that use has no word for it. */
    public function word(Role $role, string $use, int $people = 1): string
    {
        $words = $this->words[$role->value][$use] ?? '';

        return is_string($words) ? $words : $words[$people > 1 ? 1 : 0];
    }
}
