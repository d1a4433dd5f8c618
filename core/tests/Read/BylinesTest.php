<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BylinesTest extends TestCase
{
    /** @param  list<string>  $names */
    #[DataProvider('bylines')]
    public function test_a_byline_is_taken_apart(string $byline, array $names): void
    {
        self::assertSame($names, array_map(static fn (Contributor $one): string => $one->name->direct(), Bylines::contributors($byline)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function bylines(): iterable
    {
        yield 'two with jobs' => ['By Halima Brook, coast editor, and Noor Castellan', ['Halima Brook', 'Noor Castellan']];
        yield 'a family name that is also a degree' => ['By Jia Ma and Lin Ba', ['Jia Ma', 'Lin Ba']];
        yield 'degrees' => ['Halima Brook, Ph.D., and Noor Castellan, MSc', ['Halima Brook', 'Noor Castellan']];
        yield 'an initial keeps its stop' => ['Brook H.', ['Brook H.']];
        yield 'who asked the questions' => ['Interview by Clementine Voe', ['Clementine Voe']];
        yield 'whom somebody belongs to' => ['A guest post by Ondine Vale of the Dusk Survey', ['Ondine Vale']];
        yield 'a group that belongs to another' => ['Friends of the Low Coast', ['Friends of the Low Coast']];
        yield 'the years of a life' => ['Hemming, Walter P., 1840-1911', ['Walter P. Hemming']];
        yield 'a life that goes on' => ['Karrick, Ysolde, 1961-', ['Ysolde Karrick']];
        yield 'when somebody worked' => ['Corrigan, Niamh, fl. 1760', ['Niamh Corrigan']];
        yield 'turned names between semicolons' => ['Hallam, Petra; Finch, Harold', ['Petra Hallam', 'Harold Finch']];
        yield 'a house of two names' => ['Mill & Moor', ['Mill & Moor']];
        yield 'two people and an ampersand' => ['Agnes Varley & Ondine Vale', ['Agnes Varley', 'Ondine Vale']];
        yield 'where' => ['By Halima Brook in Low Bridge', ['Halima Brook']];
        yield 'for whom' => ['By Halima Brook for the Gullhaven Courier', ['Halima Brook']];
        yield 'a group named for its field' => ['Institute for Research in Lamps', ['Institute for Research in Lamps']];
        yield 'what others did' => ['Written by Halima Brook, edited by Noor Castellan', ['Halima Brook']];
        yield 'another sentence' => ['By Halima Brook. Portrait by Noor Castellan.', ['Halima Brook']];
        yield 'a title is no end of a sentence' => ['By Prof. Halima Brook', ['Halima Brook']];
        yield 'told to somebody' => ['By Noor Castellan, as told to Halima Brook', ['Noor Castellan', 'Halima Brook']];
        yield 'a handle after the name' => ['By Halima Brook (@hbrook)', ['Halima Brook']];
        yield 'a house that signs as one' => ['Tideline Editors', ['Tideline Editors']];
        yield 'only a job' => ['By Staff Writer', []];
        yield 'a template nobody filled in' => ['{{ page.author }}', []];
        yield 'an account after the name' => ['By Halima Brook @hbrook on June 26, 2014 at 9:00a', ['Halima Brook']];
        yield 'a weekday after the name' => ['By Halima Brook Tuesday, Aug. 17, 2010', ['Halima Brook']];
        yield 'a date of numbers after the name' => ['By HALIMA BROOK 10/ 5/11 09:19 PM ET', ['HALIMA BROOK']];
        yield 'a line that begins with the day' => ['Wednesday January 18, 2017 11:44 am PST by Halima Brook', ['Halima Brook']];
        yield 'whom somebody writes for, in capitals' => ['Halima Brook, NORTHMERE TODAY', ['Halima Brook']];
        yield 'everything in capitals' => ['HALIMA BROOK, NOOR CASTELLAN', ['HALIMA BROOK', 'NOOR CASTELLAN']];
        yield 'capitals end with the name' => ['Par HALIMA BROOK, NOOR CASTELLAN Envoyées spéciales à Gullhaven', ['HALIMA BROOK', 'NOOR CASTELLAN']];
        yield 'a post without a comma' => ['Halima Brook Senior Politics Editor', ['Halima Brook']];
        yield 'initials in brackets' => ['Halima (H.J.) Brook', ['Halima (H.J.) Brook']];
        yield 'an address after a bar' => ['Halima Brook | hbrook@courier.example', ['Halima Brook']];
        yield 'who changed it last' => ['Updated by Halima Brook', ['Halima Brook']];
        yield 'a section after a dash' => ['by Halima Brook —in Gadgets', ['Halima Brook']];
        yield 'a paper they write for' => ['By Halima Brook, Gullhaven Today', ['Halima Brook']];
        yield 'an agency they write for' => ['By Halima Brook, Tarn News Service', ['Halima Brook']];
        yield 'two who write, one with initials' => ['By Halima Brook, JT Marlow', ['Halima Brook', 'JT Marlow']];
        yield 'an agency that wrote with them' => ['By Halima Brook and the Tarn News Service', ['Halima Brook', 'Tarn News Service']];
        yield 'an agency and where' => ['Allied Wire in Gullhaven', ['Allied Wire']];
        yield 'where it was filed' => ['By Halima Brook Filed Under Local News', ['Halima Brook']];
        yield 'a post in brackets' => ['HALIMA BROOK (STAFF WRITER)', ['HALIMA BROOK']];
        yield 'a button of another site' => ['Plaza+', []];
        yield 'a time of day' => ['9:39AM BST 05 Oct 2011', []];
        yield 'a label without a name' => ['Story By', []];
        yield 'a button' => ['Follow', []];
        yield 'a sentence' => ['By Low Bridge Quarry there is a sign that no one reads', []];
    }
}
