<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The working screen: from nothing to a source, the form, the list and the page. */
final class ScreenTest extends BrowserTestCase
{
    private const RECORD = '@book{a, author={Brook, Halima}, title={Moonpower}, publisher={Quayside Press}, year={2014}}';

    public function test_nothing_is_on_the_paper_until_something_is_typed_and_a_change_of_kind_loses_nothing(): void
    {
        $this->beginPaper();
        $this->byHand('movie');
        self::assertSame('Film', $this->css('[data-kind-button]')->getText());
        self::assertSame([], $this->entries());
        self::assertStringNotContainsString('still open', $this->css('[data-form]')->getText(), 'An empty form scolds nobody.');
        $this->type($this->field('title.main'), 'The Patient Wheel');
        $this->type($this->field('containers.0.publisher'), 'Coast and Clay');
        $this->sees('The Patient Wheel. Coast and Clay.');
        $this->css('[data-kind-button]')->click();
        $this->css('[data-kind-search]')->sendKeys('book'.WebDriverKeys::ENTER);
        $this->until(fn (): bool => $this->css('[data-kind-button]')->getText() === 'Book', 'It is a book now.');
        self::assertSame('Coast and Clay', $this->field('containers.0.publisher')->getAttribute('value'));
        $this->css('[data-kind-button]')->click();
        $this->css('[data-kind-search]')->sendKeys('film'.WebDriverKeys::ENTER);
        $this->sees('The Patient Wheel. Coast and Clay.');
    }

    public function test_a_form_that_was_only_looked_at_leaves_nothing_behind(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->css('[data-back]')->click();
        $this->css('[data-first]');
        $this->browser->navigate()->refresh();
        $this->css('[data-first]');
    }

    public function test_words_in_the_lead_box_become_the_title(): void
    {
        $this->beginPaper();
        $this->css('[data-lead]')->sendKeys('the patient wheel');
        $this->byHand('book');
        $this->sees('The Patient Wheel.');
        self::assertSame('', $this->css('[data-lead]')->getAttribute('value'));
        self::assertStringContainsString('/sources/', $this->browser->getCurrentURL());
    }

    public function test_people_of_a_film_have_their_roles_on_the_first_form(): void
    {
        $this->beginPaper();
        $this->byHand('film');
        $this->css('[aria-label="Add: Director"]')->click();
        $this->focused('[data-path="contributors.0"]', 'The first row is empty still, so it is used.');
        $this->type($this->field('contributors.0'), 'Ines');
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Marrow');
        $this->css('[aria-label="Add: Performer"]')->click();
        $this->type($this->field('contributors.1'), 'Rafael');
        $this->type($this->css('[aria-label="Family name, 2"]'), 'Quist');
        $this->type($this->field('title.main'), 'Low Water');
        $this->until(fn (): bool => str_starts_with($this->entries()[0] ?? '', 'Low Water. Directed by Ines Marrow, performance by Rafael Quist'), fn (): string => implode("\n", $this->entries()));
    }

    public function test_the_same_source_twice_is_told_before_it_is_added(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->css('[data-back]')->click();
        $this->type($this->css('[data-lead]'), 'http://slackwater.example/grain-by-moonlight#top'.WebDriverKeys::ENTER);
        $this->css('[data-lookup][data-state="double"]');
        self::assertCount(1, $this->entries());
        $this->button('Add it all the same')->click();
        $this->until(fn (): bool => count($this->entries()) === 2, 'It was wanted a second time.');
        $this->css('[data-back]')->click();
        self::assertStringContainsString('thing', $this->css('[data-sources]')->getText());
    }

    public function test_a_look_up_that_failed_opens_a_form_that_is_marked_and_prints_no_address(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/no-such-page');
        self::assertStringContainsString('no such page (404)', $this->css('section[aria-label^="The form of"]')->getText());
        self::assertSame('https://www.slackwater.example/no-such-page', $this->field('containers.0.url')->getAttribute('value'));
        self::assertSame([], $this->entries());
        $this->css('[data-back]')->click();
        self::assertStringContainsString('Unfinished', $this->css('[data-sources]')->getText());
    }

    public function test_files_and_links_are_taken_wherever_they_are_dropped(): void
    {
        $this->beginPaper();
        $this->drop('[data-page]', 'records.bib', self::RECORD);
        $this->sees('Brook, Halima. Moonpower. Quayside Press, 2014.');
        $this->drop('main', 'draft.docx', "PK\x03\x04 and so on");
        $this->until(fn (): bool => str_contains($this->css('#lead-problem')->getText(), '“draft.docx” is a word-processor document'), 'It says what the file is.');
        $this->drop('main', 'saved.html', '<!doctype html><link rel="canonical" href="https://www.slackwater.example/tides"><title>Tides and Tables</title><h1>Tides and Tables</h1><p>Water.</p>');
        $this->until(fn (): bool => str_contains(implode("\n", $this->entries()), 'Tides and Tables'), fn (): string => implode("\n", $this->entries()).$this->css('main')->getText());
    }

    public function test_what_is_stated_is_a_dot_and_what_is_likely_says_so_until_it_is_checked(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $words = fn (string $path): string => $this->css("[data-row=\"{$path}\"]")->getText();
        self::assertStringNotContainsString('Show it', $words('title.main'), 'The source states it.');
        self::assertStringContainsString('end of the text', $words('contributors'));
        $this->css('[data-row="contributors"] [data-dot]')->click();
        $this->until(fn (): bool => ! str_contains($words('contributors'), 'Show it'), 'What was checked is quiet.');
        $this->field('title.main')->click();
        self::assertNotSame('', $this->css('[data-foot]')->getText(), 'Whoever is in a field hears where its value is from.');
        $this->button('The rest is checked')->click();
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-dot][aria-pressed="false"]')) === [], 'One press says it for all.');
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->css('[data-dot][aria-pressed="true"]');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-dot][aria-pressed="false"]')));
    }

    public function test_an_empty_field_speaks_once_it_was_visited(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        self::assertSame(['needed'], array_values(array_unique(array_filter($this->browser->executeScript('return [...document.querySelectorAll("[data-row] label + span")].map((one) => one.textContent)')))));
        $this->type($this->field('title.main'), 'Moonpower');
        $this->field('containers.0.publisher')->click();
        self::assertStringNotContainsString('still open', $this->css('[data-row="containers.0.publisher"]')->getText(), 'It is being visited.');
        $this->field('containers.0.date')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-row="containers.0.publisher"]')->getText(), 'Publisher is still open'), 'It was visited.');
        self::assertStringNotContainsString('still open', $this->css('[data-row="containers.0.date"]')->getText(), 'This one is being visited.');
    }

    public function test_a_press_is_not_lost_to_what_leaving_a_field_shows(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'Moonpower');
        $this->sees('Moonpower.');
        $this->field('contributors.0')->click();
        $this->button('more fields')->click();
        $this->button('Fewer fields');
    }

    public function test_a_list_pasted_into_any_name_becomes_its_people_and_is_taken_back(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Before');
        $this->browser->executeScript('const data = new DataTransfer(); data.setData("text/plain", "Brook, H., Oake, J., & Stell, M."); arguments[0].dispatchEvent(new ClipboardEvent("paste", { clipboardData: data, bubbles: true, cancelable: true }))', [$this->css('[aria-label="Family name, 1"]')]);
        $this->until(fn (): bool => $this->families() === ['Brook', 'Oake', 'Stell'], fn (): string => implode(', ', $this->families()));
        $this->button('Undo')->click();
        $this->until(fn (): bool => $this->families() === ['Before'], fn (): string => implode(', ', $this->families()));
    }

    public function test_people_change_places_by_handle_and_by_keys(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        foreach (['Brook', 'Oake'] as $i => $family) {
            $i === 0 ?: $this->button('Add a person or group')->click();
            $this->type($this->css('[aria-label="Family name, '.($i + 1).'"]'), $family);
        }
        $this->browser->action()->dragAndDrop($this->css('[data-handle="contributors.1"]'), $this->css('[data-handle="contributors.0"]'))->perform();
        $this->until(fn (): bool => $this->families() === ['Oake', 'Brook'], fn (): string => 'By handle: '.implode(', ', $this->families()));
        $this->css('[aria-label="Family name, 2"]')->click();
        $this->keys(WebDriverKeys::ALT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL);
        $this->until(fn (): bool => $this->families() === ['Brook', 'Oake'], fn (): string => 'By keys: '.implode(', ', $this->families()));
        $this->focused('[aria-label="Family name, 1"]', 'The focus goes along.');
    }

    public function test_a_word_held_as_a_name_is_turned_in_the_field_and_on_the_page(): void
    {
        $this->beginPaper();
        $this->chooseStyle('APA, 7th edition');
        $this->byHand('book');
        $this->type($this->field('title.main'), 'Seals of Turner');
        $this->sees('Seals of Turner. (n.d.).');
        $this->css('[data-sheet] [data-turn="Turner"]')->click();
        $this->sees('Seals of turner. (n.d.).');
        self::assertSame('Seals of Turner', $this->field('title.main')->getAttribute('value'), 'What was typed stays.');
        $this->css('[data-held="turner"]')->click();
        $this->sees('Seals of Turner. (n.d.).');
        $this->chooseStyle('MLA, 9th edition');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-held]')) === [], 'MLA changes no letters by that.');
    }

    public function test_pressing_a_citation_copies_it_with_its_place(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->type($this->css('[aria-label="Place in the source"]'), '4');
        $this->until(fn (): bool => str_contains($this->css('[data-cite="in parentheses"]')->getText(), '(Brook 4)'), fn (): string => $this->css('[data-in-text]')->getText());
        $this->css('[data-cite="in parentheses"]')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-messages]')->getText(), 'on the clipboard'), 'It says so.');
        (new WebDriverSelect($this->css('[aria-label="Kind of place"]')))->selectByVisibleText('Paragraph');
        $this->until(fn (): bool => str_contains($this->css('[data-cite="in parentheses"]')->getText(), '(Brook, par. 4)'), fn (): string => $this->css('[data-in-text]')->getText());
    }

    public function test_a_place_typed_for_one_source_is_not_another_ones(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-source]:nth-child(2) [data-stop]')->click();
        $this->type($this->css('[aria-label="Place in the source"]'), '417');
        $said = fn (): string => $this->css('[data-in-text]')->getText();
        $this->until(fn (): bool => str_contains($said(), '417)'), $said);
        $this->browser->executeScript('document.querySelectorAll("[data-page] [data-entry]")[4].querySelector("[data-field]").click()');
        $this->until(fn (): bool => str_contains($said(), '(Varga-Brandt)'), $said);
        self::assertStringNotContainsString('417', $said());
    }

    public function test_a_long_list_is_searched_and_several_are_removed_moved_and_brought_back(): void
    {
        $this->beginPaper('Another paper');
        $this->longPaper(12);
        $this->css('[data-filter]')->sendKeys('number 7');
        $this->until(fn (): bool => count($this->rows()) === 1, fn (): string => implode("\n", $this->rows()));
        $this->type($this->css('[data-filter]'), 'book halima');
        $this->until(fn (): bool => count($this->rows()) === 12, 'All of them are books by her.');
        foreach (array_slice($this->browser->findElements(WebDriverBy::cssSelector('[data-source] input')), 0, 3) as $box) {
            $box->click();
        }
        $this->css('[data-chosen]')->findElement(WebDriverBy::xpath('.//button[.="Remove"]'))->click();
        $this->until(fn (): bool => count($this->rows()) === 9, 'Three were removed.');
        $this->button('Undo')->click();
        $this->until(fn (): bool => count($this->rows()) === 12, 'They came back.');
        $this->css('[data-source] input')->click();
        $this->css('[data-chosen]')->findElement(WebDriverBy::xpath('.//button[.="All"]'))->click();
        $this->until(fn (): bool => str_contains($this->css('[data-chosen]')->getText(), '12 chosen'), 'All are chosen.');
        $this->until(fn (): bool => count($this->css('[aria-label="Move to"]')->findElements(WebDriverBy::tagName('option'))) > 1, 'There is another paper.');
        (new WebDriverSelect($this->css('[aria-label="Move to"]')))->selectByVisibleText('Another paper');
        $this->css('[data-first]');
        $this->button('Undo')->click();
        $this->until(fn (): bool => count($this->rows()) === 12, 'They were moved back.');
    }

    public function test_opening_a_source_brings_its_entry_into_view_and_the_list_keeps_its_place(): void
    {
        $this->longPaper(60);
        $seen = fn (string $id): bool => (bool) $this->browser->executeScript('const one = document.querySelector(`[data-page] [data-entry="${arguments[0]}"]`)?.getBoundingClientRect(); return one !== undefined && one.top >= 50 && one.bottom <= 800', [$id]);
        $this->browser->executeScript('document.querySelector("[data-list-scroll]").scrollTop = 2000');
        $row = $this->browser->executeScript('return [...document.querySelectorAll("[data-source]")].find((one) => one.getBoundingClientRect().top > 300).dataset.source');
        $this->css("[data-source=\"{$row}\"] [data-stop]")->click();
        $this->until(fn (): bool => $seen($row), 'The entry is not in view.');
        $this->css('[data-back]')->click();
        $this->focused("[data-source=\"{$row}\"] [data-stop]", 'Back on its row.');
        self::assertGreaterThan(1500, $this->browser->executeScript('return document.querySelector("[data-list-scroll]").scrollTop'));
        $entry = $this->browser->executeScript('return [...document.querySelectorAll("[data-page] [data-entry]")].find((one) => one.getBoundingClientRect().top > 400).dataset.entry');
        $this->css("[data-page] [data-entry=\"{$entry}\"] [data-field=\"title.main\"]")->click();
        $this->focused('[data-path="title.main"]', 'From the page to its field.');
        self::assertStringEndsWith("/sources/{$entry}", $this->browser->getCurrentURL());
    }

    public function test_a_half_made_entry_is_marked_and_the_ways_out_name_it_first(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'Moonpower');
        $this->sees('Moonpower.');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-missing]')), 'Nobody is told while it is being made.');
        $this->css('[data-back]')->click();
        self::assertStringContainsString('fields open', $this->css('[data-missing]')->getText());
        $this->css('[data-get]')->click();
        $first = $this->css('[role="menuitem"]');
        self::assertStringContainsString('Moonpower', $first->getText());
        $first->click();
        $this->css('[data-form]');
        self::assertStringContainsString('still open', $this->css('[data-form]')->getText(), 'The form was left once, so it speaks.');
    }

    public function test_a_long_address_breaks_at_its_marks_and_leaves_no_line_half_empty(): void
    {
        $this->beginPaper();
        $this->byHand('web page');
        $this->type($this->field('title.main'), 'The Mill That Ran Twice a Day');
        $this->type($this->field('containers.0.title'), 'Slack Water Review');
        $url = 'https://www.slackwater.example/archive/2023/the-mill-that-ran-twice-a-day/and-the-people-who-kept-it/second-part?view=print&from=list';
        $this->type($this->field('containers.0.url'), $url);
        $this->until(fn (): bool => str_contains($this->entries()[0] ?? '', substr($url, 8)), 'The address is there, and nothing in it.');
        $lines = $this->browser->executeScript(<<<'JS'
            const entry = document.querySelector('[data-sheet] [data-stop]');
            const range = document.createRange();
            const lines = new Map();
            const walk = document.createTreeWalker(entry, NodeFilter.SHOW_TEXT);
            for (let node; (node = walk.nextNode()); )
                for (let i = 0; i < node.length; i++) {
                    range.setStart(node, i); range.setEnd(node, i + 1);
                    const box = range.getClientRects()[0];
                    if (box === undefined) continue;
                    const line = lines.get(Math.round(box.bottom)) ?? { text: '', right: 0 };
                    line.text += node.data[i]; line.right = Math.max(line.right, box.right);
                    lines.set(Math.round(box.bottom), line);
                }
            const all = [...lines.values()];
            const frame = entry.getBoundingClientRect();
            return all.map((line) => [line.text, (line.right - frame.left) / frame.width]);
            JS);
        self::assertGreaterThan(2, count($lines));
        foreach (array_slice($lines, 0, -1) as [$text, $share]) {
            self::assertGreaterThan(0.5, $share, "“{$text}” stands half empty.");
            self::assertDoesNotMatchRegularExpression('/-$/', $text, 'A hyphen at the end might be taken for an added one.');
        }
    }

    public function test_the_page_can_be_made_larger_and_is_remembered_so(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $before = $this->css('[data-zoom]')->getText();
        $this->css('[aria-label="Larger"]')->click();
        $larger = $this->css('[data-zoom]')->getText();
        self::assertGreaterThan((int) $before, (int) $larger);
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->css('[data-zoom]')->getText() === $larger, 'It is as large as before.');
        $this->css('[data-zoom]')->click();
        $this->until(fn (): bool => $this->css('[data-zoom]')->getText() === $before, 'It fits again.');
    }

    public function test_on_a_phone_the_page_is_read_and_the_form_has_room(): void
    {
        $this->resize(390, 844);
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-source] [data-stop]')->click();
        $this->css('[data-form]');
        self::assertLessThan(120, $this->browser->executeScript('return document.querySelector("[data-form]").getBoundingClientRect().top - document.querySelector("main").getBoundingClientRect().top'));
        self::assertLessThan(110, $this->browser->executeScript('return document.querySelector("header").getBoundingClientRect().height'));
        $this->resize(390, 500);
        self::assertGreaterThan(260, $this->browser->executeScript('return document.querySelector("[data-scroll]").getBoundingClientRect().height'), 'With the keyboard up.');
        $this->resize(390, 844);
        $this->css('[data-half="page"]')->click();
        $this->css('[data-page] [data-entry]');
        [$letters, $wide] = $this->browser->executeScript('const entry = document.querySelector("[data-page] [data-stop]"); return [parseFloat(getComputedStyle(entry).fontSize), document.documentElement.scrollWidth]');
        self::assertGreaterThanOrEqual(16, $letters);
        self::assertSame(390, $wide, 'Nothing is wider than the screen.');
        $this->button('As sheets')->click();
        $this->css('[data-sheet]');
    }

    public function test_printing_gives_every_sheet_from_every_size_and_state(): void
    {
        $this->longPaper(60);
        foreach ([[1280, 800], [390, 844], [640, 400]] as [$width, $height]) {
            $this->resize($width, $height);
            $this->browser->navigate()->refresh();
            $this->css('[data-sources]');
            $answer = $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Page.printToPDF', 'params' => ['preferCSSPageSize' => true]]);
            $file = (string) tempnam(sys_get_temp_dir(), 'bibrel');
            file_put_contents($file, base64_decode((string) $answer['data']));
            $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' - 2>/dev/null');
            $sheets = substr_count($text, "\f");
            unlink($file);
            self::assertStringContainsString('Works Cited', $text, "At {$width}x{$height}.");
            self::assertSame(60, preg_match_all('/Number\s+\d+/', $text), "At {$width}x{$height}.");
            self::assertGreaterThanOrEqual(5, $sheets);
        }
    }

    public function test_an_address_leads_to_a_source_and_says_where_there_is_none(): void
    {
        $this->beginPaper('Low water');
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->until(fn (): bool => $this->browser->getTitle() === 'Grain by Moonlight: A Night at the Sallow Gates · Low water · Bibrel', fn (): string => $this->browser->getTitle());
        $url = (string) $this->browser->getCurrentURL();
        $this->browser->get($url);
        $this->css('[data-form]');
        $this->browser->get(substr($url, 0, -6).'ZZZZZZ');
        $this->until(fn (): bool => str_contains($this->css('main')->getText(), 'There is no such source on this paper'), 'It says so.');
    }

    private function resize(int $width, int $height): void
    {
        $this->cdp('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
    }

    /** A paper with so many books, opened. */
    private function longPaper(int $books): void
    {
        $this->beginPaper('Long');
        $records = implode("\n", array_map(static fn (int $i): string => sprintf('@book{b%d, author={Brook%s, Halima}, title={The tides of the northern coast and those who measured them, number %d}, publisher={Quayside Press}, year={2014}}', $i, chr(97 + $i % 26), $i), range(1, $books)));
        $this->drop('main', 'records.bib', $records);
        $this->until(fn (): bool => count($this->rows()) === $books, fn (): string => count($this->rows()).' of '.$books);
        $this->button('×')->click();
    }

    /** @return list<string> ids of the sources in the list */
    private function rows(): array
    {
        return $this->browser->executeScript('return [...document.querySelectorAll("[data-source]")].map((one) => one.dataset.source)');
    }

    /** @return list<string> */
    private function families(): array
    {
        return $this->browser->executeScript('return [...document.querySelectorAll("[aria-label^=\"Family name,\"]")].map((one) => one.value)');
    }

    private function drop(string $where, string $name, string $bytes): void
    {
        $this->browser->executeScript('const [where, name, bytes] = arguments; const data = new DataTransfer(); data.items.add(new File([Uint8Array.from(atob(bytes), (one) => one.charCodeAt(0))], name)); for (const type of ["dragover", "drop"]) document.querySelector(where).dispatchEvent(new DragEvent(type, { dataTransfer: data, bubbles: true, cancelable: true }))', [$where, $name, base64_encode($bytes)]);
    }
}
