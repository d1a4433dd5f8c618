<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Style\PaperRules;

/** Margins, and what stands at the head of each sheet. */
final readonly class SheetRules
{
    private const INCH = 1440;

    /** Two millimetres, which nobody sees; word processors round centimetres. */
    private const NEAR = 115;

    public function __construct(private PaperRules $rules)
    {
    }

    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        $sheet = $paper->draft->sheet;
        if ($sheet === null) {
            return [];
        }
        $issues = [];
        $wrong = array_filter(
            ['top' => $sheet->top, 'right' => $sheet->right, 'bottom' => $sheet->bottom, 'left' => $sheet->left],
            static fn (int $margin): bool => abs($margin - self::INCH) > self::NEAR,
        );
        if ($wrong !== []) {
            $sides = implode(', ', array_map(
                static fn (string $side, int $margin): string => sprintf(
                    '%s %s in.',
                    $side,
                    round($margin / self::INCH, 2),
                ),
                array_keys($wrong),
                $wrong,
            ));
            $issues[] = new LayoutIssue('margins', [], "The margins are not an inch on all sides ({$sides}).");
        }
        if (! $sheet->hasNumber) {
            $issues[] = new LayoutIssue('page-number', [], $this->rules->headsName
                ? 'No page number stands at the head of the sheets: your family name and the number belong there.'
                : 'No page number stands at the head of the sheets, at the right.');
        } elseif ($this->rules->headsName && preg_match('/\p{L}{2}/u', $sheet->header) !== 1) {
            $issues[] = new LayoutIssue(
                'running-head',
                [],
                'Your family name belongs next to the page number at the head of each sheet.',
            );
        }

        return $issues;
    }
}
