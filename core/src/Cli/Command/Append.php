<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Page\Page;

/** `bibrel append --style S --draft DRAFT --out OUT`: the draft with the page at its end. */
final class Append implements Command
{
    public static function usage(): string
    {
        return '--style S --draft DRAFT.docx|.odt --out OUT [--replace] [--only-cited] [--from F] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse(
            $words,
            ['style', 'draft', 'out', 'from', 'accessed', 'heading'],
            ['replace', 'only-cited', 'links'],
        );
        $out = $arguments->required('out');
        $input = new Input($arguments);
        $page = $input->page();
        $document = (new DraftFile($arguments->bytes('draft')))->document();
        $draft = $document->draft();
        $list = SourceList::find($draft);
        if ($list !== null && ! $arguments->has('replace')) {
            $heading = trim($draft->paragraphs[$list->heading]->text);

            throw new UsageError("A list of sources stands in the draft already (“{$heading}”). "
                .'Give --replace to put the page in its place.');
        }
        if ($arguments->has('only-cited')) {
            $cited = (new DraftCheck($page, $input->style()))->report($draft)->cited($input->sources());
            $page = Page::compose($cited, $input->style(), $input->course());
        }

        return $input->written($document->withPage($page, $arguments->has('replace')), $out);
    }
}
