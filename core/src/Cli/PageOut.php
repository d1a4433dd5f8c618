<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Write\Docx;
use Bibrel\Core\Write\Markdown;
use Bibrel\Core\Write\PlainText;
use Bibrel\Core\Write\RichText;
use Bibrel\Core\Write\Rtf;

/** `bibrel page --style S --to FORMAT --out FILE`: a finished page as a document. */
final class PageOut
{
    /**
     * @param  list<string>  $words
     *
     * @throws UsageError
     */
    public static function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from', 'to', 'out', 'heading']);
        $style = Styles::get($arguments->required('style'));
        $to = $arguments->required('to');
        $out = $arguments->required('out');
        $page = Page::compose(Bibrel::sources($arguments), $style, new CourseRules(heading: $arguments->get('heading')));
        $bytes = match ($to) {
            'docx' => Docx::page($page, new RunningHead, $page->heading),
            'rtf' => Rtf::page($page),
            'html' => "<!doctype html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>".htmlspecialchars($page->heading)."</title></head>\n<body>".RichText::page($page)."</body>\n</html>\n",
            'md' => Markdown::page($page),
            'txt' => PlainText::page($page),
            default => throw new UsageError("“{$to}” is not a document to write. Use docx, rtf, html, md or txt."),
        };
        if (@file_put_contents($out, $bytes) === false) {
            throw new UsageError("The file “{$out}” cannot be written.");
        }

        return '';
    }
}
