<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Text\Run;

/** Runs as HTML with nothing but <i>. */
final class Html
{
    /** @param  list<Run>  $runs */
    public static function line(array $runs): string
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
