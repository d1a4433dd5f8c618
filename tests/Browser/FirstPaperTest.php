<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The path itself: a pasted address becomes an entry on a finished page. */
final class FirstPaperTest extends BrowserTestCase
{
    private const MILL = 'Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, www.slackwater.example/mill-twice-a-day. Accessed %s.';

    public function test_paste_look_up_correct_and_get_the_page(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->sees(sprintf(self::MILL, $this->today()));
        self::assertStringContainsString('end of the text', $this->css('[data-row="contributors"]')->getText());
        self::assertStringContainsString('2021', $this->css('[data-form]')->getText());
        self::assertSame('', $this->field('containers.0.date')->getAttribute('value'));

        $this->type($this->field('containers.0.date'), '3 May 2023');
        $this->sees('Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/mill-twice-a-day.');
        self::assertSame('Work Cited', $this->css('[data-page] h2')->getText());

        $this->button('Back to the list')->click();
        $this->byHand('book');
        $this->type($this->field('contributors.0'), 'Halima');
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Brook');
        $this->type($this->field('title.main'), 'moonpower');
        $this->type($this->field('containers.0.publisher'), 'Northmere University Press');
        $this->type($this->field('containers.0.date'), '2014');
        $this->sees(
            'Brook, Halima. Moonpower. Northmere UP, 2014.',
            'Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/mill-twice-a-day.',
        );
        self::assertSame('Works Cited', $this->css('[data-page] h2')->getText());
        $this->saved();

        $docx = $this->browser->executeAsyncScript('const done = arguments[0]; fetch(location.pathname.replace(/\/sources.*/, "") + "/page.docx").then((r) => r.arrayBuffer()).then((b) => done([new Uint8Array(b)[0], new Uint8Array(b)[1], b.byteLength]))');
        self::assertSame([0x50, 0x4B], array_slice($docx, 0, 2), 'a zip file');
        self::assertGreaterThan(1500, $docx[2]);

        // What was typed is there after a reload.
        $this->browser->navigate()->refresh();
        $this->sees(
            'Brook, Halima. Moonpower. Northmere UP, 2014.',
            'Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/mill-twice-a-day.',
        );
    }

    public function test_the_page_copy_shows_where_a_value_came_from_and_the_screen_stays_put(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->button('Show it')->click();
        self::assertSame('Lotte Varga-Brandt', $this->css('[data-copy] mark')->getText());
        self::assertSame([0, true], $this->browser->executeScript('return [window.scrollY, document.documentElement.scrollHeight <= window.innerHeight]'));
    }

    public function test_pointing_at_a_part_explains_it_and_clicking_leads_to_its_field(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->button('Back to the list')->click();
        $part = $this->css('[data-sheet] span[data-field="containers.0.publisher"]');
        $this->browser->action()->moveToElement($part)->perform();
        $tip = $this->css('[data-tip]')->getText();
        self::assertStringContainsString('Publisher', $tip);
        self::assertStringContainsString('MLA Handbook, 9th ed.', $tip);
        $part->click();
        $this->until(fn (): bool => $this->browser->switchTo()->activeElement()->getAttribute('data-path') === 'containers.0.publisher', 'The cursor is not in the publisher’s field.');
        $this->css('[data-sheet] [data-open] span[data-lit][data-field="containers.0.publisher"]');
    }

    public function test_the_keyboard_reaches_every_part_of_an_entry(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->browser->executeScript('document.querySelector("[data-sheet] [data-stop]").focus()');
        $keys = $this->browser->getKeyboard();
        $keys->sendKeys([WebDriverKeys::ARROW_RIGHT]);
        self::assertStringContainsString('Author', $this->css('[data-tip]')->getText());
        $keys->sendKeys([WebDriverKeys::ARROW_RIGHT]);
        $this->until(fn (): bool => str_contains($this->css('[data-tip]')->getText(), 'Title of source'), 'The second part is not explained.');
        $keys->sendKeys([WebDriverKeys::ENTER]);
        $this->until(fn (): bool => $this->browser->switchTo()->activeElement()->getAttribute('data-path') === 'title.main', 'The cursor is not in the title’s field.');
    }

    public function test_the_style_switches_at_once_and_back(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $mla = 'Brook, Halima. “Grain by Moonlight: A Night at the Sallow Gates.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/grain-by-moonlight.';
        $this->sees($mla);
        $this->chooseStyle('APA, 7th edition');
        $this->until(fn (): bool => $this->css('[data-page] h2')->getText() === 'References', 'The heading did not change.');
        $this->until(fn (): bool => str_starts_with($this->entries()[0] ?? '', 'Brook, H. (2023, May 3). '), 'The entry did not change.');
        self::assertSame('700', $this->css('[data-page] h2')->getCSSValue('font-weight'));
        $this->chooseStyle('MLA, 9th edition');
        $this->sees($mla);
    }

    public function test_a_removed_source_comes_back(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->button('Remove this source')->click();
        $this->css('[data-first]');
        self::assertSame([], $this->entries());
        $this->button('Undo')->click();
        $this->until(fn (): bool => count($this->entries()) === 1, 'The source did not come back.');
    }

    public function test_what_is_not_found_keeps_its_text_and_says_what_to_do(): void
    {
        $this->beginPaper();
        $this->type($this->css('[data-lead]'), '978-1-4028-9462-7'.WebDriverKeys::ENTER);
        self::assertStringContainsString('last digit does not fit', $this->css('#lead-problem')->getText());
        self::assertSame('978-1-4028-9462-7', $this->css('[data-lead]')->getAttribute('value'));
        $this->type($this->css('[data-lead]'), 'The <b>unwritten</b> atlas'.WebDriverKeys::ENTER);
        $this->sees('The Unwritten Atlas.');
        self::assertStringContainsString('neither among books nor among articles', $this->css('[data-form]')->getText());
        self::assertSame('The <b>unwritten</b> atlas', $this->field('title.main')->getAttribute('value'));
    }

    public function test_a_failed_lookup_opens_the_form_with_the_address(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/no-such-page');
        self::assertStringContainsString('no such page (404)', $this->css('[data-form]')->getText());
        self::assertSame('https://www.slackwater.example/no-such-page', $this->field('containers.0.url')->getAttribute('value'));
    }

    public function test_the_page_goes_to_the_clipboard_formatted_and_plain(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->cdp('Browser.grantPermissions', ['permissions' => ['clipboardReadWrite', 'clipboardSanitizedWrite']]);
        $this->button('Get the page')->click();
        $this->found(WebDriverBy::xpath('//li[normalize-space(.)="Copy the page, formatted"]'))->click();
        $this->until(fn (): bool => str_contains($this->css('[data-messages]')->getText(), 'on the clipboard'), 'Nothing says that the page was copied.');
        self::assertSame([], $this->consoleErrors());
        $copied = $this->browser->executeAsyncScript('const done = arguments[0]; navigator.clipboard.read().then(async ([item]) => done({types: item.types, html: await (await item.getType("text/html")).text(), text: await (await item.getType("text/plain")).text()})).catch((e) => done({error: String(e)}))');
        // Reading the clipboard, which only this test does, parses its styles in the page and so under the page's policy.
        $this->consoleErrors();
        self::assertStringContainsString('<i>Slack Water Review</i>', $copied['html'] ?? json_encode($copied));
        self::assertMatchesRegularExpression('/margin-left: ?0.5in[^"]*text-indent: ?-0.5in|text-indent: ?-0.5in[^"]*margin-left: ?0.5in|-48px/', $copied['html']);
        self::assertSame("Work Cited\n\nBrook, Halima. “Grain by Moonlight: A Night at the Sallow Gates.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/grain-by-moonlight.\n", $copied['text']);
    }

    public function test_printing_gives_the_page_and_nothing_else(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $pdf = $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Page.printToPDF', 'params' => ['preferCSSPageSize' => true]]);
        $file = (string) tempnam(sys_get_temp_dir(), 'print');
        file_put_contents($file, base64_decode($pdf['data']));
        exec('pdftotext -layout '.escapeshellarg($file).' - 2>&1', $lines);
        exec('pdfinfo '.escapeshellarg($file).' 2>&1', $info);
        unlink($file);
        $text = trim((string) preg_replace('/\s+/u', ' ', implode(' ', $lines)));
        self::assertSame('1 Work Cited Brook, Halima. “Grain by Moonlight: A Night at the Sallow Gates.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/grain-by-moonlight.', $text);
        self::assertStringContainsString('612 x 792 pts (letter)', implode("\n", $info));
    }

    public function test_a_whole_byline_pasted_becomes_one_line_a_person(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->browser->executeScript('const data = new DataTransfer(); data.setData("text/plain", arguments[1]); arguments[0].dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }))', [$this->field('contributors.0'), 'By Oona Pell, Rafael Quist and Ines Marrow-Lund']);
        $this->until(fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('[data-person]'))) === 3, 'The byline was not taken apart.');
        self::assertSame('Marrow-Lund', $this->css('[aria-label="Family name, 3"]')->getAttribute('value'));
        $this->sees('Pell, Oona, et al.');
    }

    public function test_an_open_point_is_mended_in_place(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'THE LONG PIER');
        $this->button('Set it in headline case')->click();
        $this->sees('The Long Pier.');
        self::assertSame('The Long Pier', $this->field('title.main')->getAttribute('value'));
    }

    public function test_a_wide_paper_runs_over_several_sheets_and_no_line_is_lost(): void
    {
        $this->visit('/');
        $this->css('[data-papers] li');
        $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
            const put = (path, body) => fetch(`/api/${path}`, { method: 'PUT', headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token }, body: JSON.stringify(body) });
            const id = (n) => `01ARZ3NDEKTSV4RRFF${n}`.padEnd(26, '0');
            (async () => {
                const paper = id('P' + Date.now().toString(36).toUpperCase().replace(/[ILOU]/g, 'X').slice(-6));
                await put(`papers/${paper}`, { version: 0, title: 'Long', style: 'mla-9', surname: 'Adeyemi' });
                for (let i = 0; i < 14; i++) {
                    await put(`papers/${paper}/sources/${paper.slice(0, 24)}${10 + i}`, { version: 0, source: { kind: 'book', title: { main: `A rather long title about the tides of the northern coast, the mills that stood on it, the keepers who slept in them, the bread that came of it, the herons that waited for all of it to be over, the railway that brought the end, and the pond that is left, number ${i}` }, contributors: [{ role: 'author', name: { given: 'Halima', family: 'Brook' + String.fromCharCode(97 + (i % 26)) } }], containers: [{ publisher: 'Quayside Press', date: '2014' }] } });
                }
                location.href = `/papers/${paper}`;
                done();
            })();
            JS);
        $this->until(fn (): bool => count($this->entries()) === 14, 'Not all entries are shown.');
        // Lines break anew once the faces are there.
        $this->browser->executeAsyncScript('Promise.all(["", "italic ", "bold "].map((face) => document.fonts.load(`${face}16px Tinos`))).then(() => requestAnimationFrame(() => requestAnimationFrame(arguments[0])))');
        [$sheets, $all, $margins] = $this->browser->executeScript(<<<'JS'
            const frames = [...document.querySelectorAll('[data-sheet]')];
            const scale = frames[0].getBoundingClientRect().width / 816;
            const height = (box) => Math.round(box.height / scale / 36.8);
            const sheets = frames.map((frame) => {
                const view = frame.children[1].getBoundingClientRect();
                return [...frame.querySelectorAll('[data-stop]')].flatMap((entry) => {
                    const box = entry.getBoundingClientRect();
                    return Array.from({ length: height(box) }, (_, line) => [`${entry.textContent} ${line}`, box.top + (line + 0.5) * 36.8 * scale])
                        .filter(([, middle]) => middle > view.top && middle < view.bottom)
                        .map(([line]) => line);
                });
            });
            const once = new Map([...document.querySelectorAll('[data-sheet] [data-stop]')].map((entry) => [entry.parentElement.dataset.entry, entry]));
            const all = [...once.values()].flatMap((entry) => Array.from({ length: Math.round(entry.offsetHeight / 36.8) }, (_, line) => `${entry.textContent} ${line}`));
            const margins = frames.map((frame) => Math.round((frame.children[1].getBoundingClientRect().top - frame.getBoundingClientRect().top) / scale));
            return [sheets, all, margins];
            JS);
        self::assertSame($all, array_merge(...$sheets), 'Every line stands on one sheet, in its order.');
        self::assertGreaterThanOrEqual(3, count($sheets));
        self::assertSame(array_fill(0, count($sheets), 96), $margins, 'Every sheet begins an inch below its edge.');
        self::assertSame(substr((string) end($sheets[0]), 0, -2), substr((string) $sheets[1][0], 0, -2), 'The paper is to have an entry that runs on over two sheets.');
        foreach ($sheets as $sheet) {
            $lines = array_count_values(array_map(static fn (string $line): string => substr($line, 0, -2), $sheet));
            self::assertGreaterThanOrEqual(2, min($lines), 'No single line stands alone at a sheet’s foot or head.');
        }
        self::assertSame('Adeyemi 2', $this->browser->executeScript('return document.querySelectorAll("[data-sheet]")[1].firstElementChild.textContent'));
    }

    /** Today as MLA writes it. */
    private function today(): string
    {
        $months = ['', 'Jan.', 'Feb.', 'Mar.', 'Apr.', 'May', 'June', 'July', 'Aug.', 'Sept.', 'Oct.', 'Nov.', 'Dec.'];
        [$day, $month, $year] = array_map(intval(...), explode(' ', (string) $this->browser->executeScript('const d = new Date(); return `${d.getDate()} ${d.getMonth() + 1} ${d.getFullYear()}`')));

        return "{$day} {$months[$month]} {$year}";
    }
}
