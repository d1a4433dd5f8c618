<?php

declare(strict_types=1);

use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was noticed when a source was read is kept as issues, and what was put aside as dismissed. */
return new class extends Migration
{
    private const ANSWERS = [
        'author-missing' => Dismissal::HasNone, 'author-guess' => Dismissal::HasNone, 'date-guess' => Dismissal::HasNone,
        'copyright-year' => Dismissal::HasNone, 'citation-doubt' => Dismissal::IsRight, 'names-cut-short' => Dismissal::AllThere,
        'lookup-failed' => Dismissal::Noted, 'picture-file' => Dismissal::Noted, 'whole-or-part' => Dismissal::Whole,
        'listed-only' => Dismissal::Elsewhere,
    ];

    private const FIXES = ['citation-doubt' => 'Read it that way', 'listed-only' => 'Yes, here'];

    public function up(): void
    {
        DB::table('sources')->whereNotNull('reading')->select('id', 'reading')->orderBy('id')->each(function (object $row): void {
            $reading = $this->renamed(json_decode((string) $row->reading, true));
            DB::table('sources')->where('id', $row->id)->update(['reading' => json_encode($reading)]);
        });
        DB::table('earlier_states')->select('id', 'state')->orderBy('id')->each(function (object $row): void {
            $state = json_decode((string) $row->state, true);
            if (is_array($state['reading'] ?? null)) {
                $state['reading'] = $this->renamed($state['reading']);
                DB::table('earlier_states')->where('id', $row->id)->update(['state' => json_encode($state)]);
            }
        });
    }

    public function down(): void
    {
    }

    /**
     * @param  ?array<string, mixed>  $reading
     * @return ?array<string, mixed>
     */
    private function renamed(?array $reading): ?array
    {
        if ($reading === null || ! array_key_exists('remarks', $reading)) {
            return $reading;
        }
        $issues = array_map($this->issue(...), $reading['remarks']);
        $dismissed = $reading['settled'] ?? [];
        unset($reading['remarks'], $reading['settled']);

        return [...$reading, 'issues' => array_values(array_filter($issues)), 'dismissed' => $dismissed];
    }

    /**
     * @param  array<string, string>  $remark
     * @return ?array<string, mixed>
     */
    private function issue(array $remark): ?array
    {
        $field = FieldPath::tryParse($remark['field'] ?? '');
        if ($field === null) {
            return null;
        }
        [$id, $value] = [$remark['id'] ?? '', $remark['value'] ?? ''];
        $fix = isset(self::FIXES[$id]) && $value !== '' ? new Fix(self::FIXES[$id], $value) : null;
        $issue = new Issue($id, $field, $remark['sentence'] ?? '', fix: $fix, about: $value, dismissal: self::ANSWERS[$id] ?? Dismissal::Noted);

        return $issue->toArray();
    }
};
