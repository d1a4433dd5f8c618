<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Text\Run;

/** A line of runs without the page around it: as plain text, or as HTML with nothing but <i>. */
final class Inline
{
    /** @param  list<Run>  $runs */
    public static function text(array $runs): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, $runs));
    }

    /** @param  list<Run>  $runs */
    public static function html(array $runs): string
    {
        $html = '';
        $open = false;
        foreach ($runs as $run) {
            if ($run->italic !== $open) {
                $html .= $run->italic ? '<i>' : '</i>';
                $open = $run->italic;
            }
            $html .= htmlspecialchars($run->text, ENT_NOQUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
        }

        return $html.($open ? '</i>' : '');
    }
}
