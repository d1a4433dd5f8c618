<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Illuminate\Support\Str;

/** Gives the members of a source's lists of people ids that stay with them, so that lists merge by member. */
final class MemberIds
{
    /**
     * @param  array<string, mixed>  $data  the source's JSON shape
     * @param  array<string, mixed>  $before  as it was, whose ids are taken over by members that are the same
     * @return array<string, mixed>
     */
    public static function given(array $data, array $before = []): array
    {
        if (isset($data['contributors'])) {
            $data['contributors'] = self::inList($data['contributors'], $before['contributors'] ?? []);
        }
        foreach ($data['containers'] ?? [] as $i => $container) {
            if (isset($container['contributors'])) {
                $known = $before['containers'][$i]['contributors'] ?? [];
                $data['containers'][$i]['contributors'] = self::inList($container['contributors'], $known);
            }
        }

        return $data;
    }

    /**
     * @param  list<array<string, mixed>>  $members
     * @param  list<array<string, mixed>>  $before
     * @return list<array<string, mixed>>
     */
    private static function inList(array $members, array $before): array
    {
        $taken = array_fill_keys(array_filter(array_column($members, 'id')), 1);
        $free = array_filter($before, static fn (array $one): bool => isset($one['id']) && ! isset($taken[$one['id']]));
        $seen = [];
        foreach ($members as $i => $member) {
            $id = $member['id'] ?? '';
            if ($id === '' || isset($seen[$id])) {
                $same = array_filter($free, static fn (array $one): bool => self::said($one) == self::said($member));
                $id = $same === [] ? Str::lower(Str::random(10)) : (string) $free[array_key_first($same)]['id'];
                unset($free[array_key_first($same) ?? -1]);
            }
            $seen[$id] = true;
            $members[$i] = ['id' => $id] + array_diff_key($member, ['id' => true]);
        }

        return array_values($members);
    }

    /**
     * @param  array<string, mixed>  $member
     * @return array<string, mixed>
     */
    private static function said(array $member): array
    {
        return array_diff_key($member, ['id' => true]);
    }
}
