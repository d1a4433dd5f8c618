<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Text\Run;

/** A line of runs without the page around it: as plain text, or as HTML with nothing but <i> and <b>. */
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
            $text = htmlspecialchars($run->text, ENT_NOQUOTES | ENT_SUBSTITUTE | ENT_HTML5, 'UTF-8');
            $html .= $run->bold ? "<b>{$text}</b>" : $text;
        }

        return $html.($open ? '</i>' : '');
    }
}
