<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Bibrel\Core\Tests\Draft\WordFile;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The other half of the job: a draft is given, put right and given back, by a student in a browser. */
final class DraftTest extends BrowserTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/bibrel-draft-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $this->cdp('Page.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $this->folder]);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_draft_goes_in_with_its_faults_and_comes_back_with_the_page(): void
    {
        $this->paperWithTwoBooks();
        $single = '<w:spacing w:line="240" w:lineRule="auto"/>';
        $this->give(WordFile::of(WordFile::paper(
            WordFile::p(WordFile::prose('It was sold to a brewer (Harrow 12).'), 'Text', $single),
            WordFile::list(),
        )));
        self::assertSame(['not-on-page', 'uncited', 'layout'], $this->toPutRight());
        // A press on what is to be put right goes to where it stands, and back.
        $this->css('[data-group="not-on-page"] [data-point] button')->click();
        self::assertSame('(Varga-Brandt)', $this->css('[data-citation][data-lit]')->getText());
        $this->css('[data-citation][data-lit]')->click();
        $this->focused('[data-point][data-lit] button', 'The focus is on the row.');
        // One source is never cited, and is left out of the page with one press; it can be taken back.
        $this->button('Leave it out of the page')->click();
        $this->until(fn (): bool => ! in_array('uncited', $this->toPutRight(), true), 'It is no longer on the page.');
        $this->button('Undo')->click();
        $this->until(fn (): bool => in_array('uncited', $this->toPutRight(), true), 'It is back.');
        $this->button('Keep it')->click();
        $this->until(fn (): bool => ! in_array('uncited', $this->toPutRight(), true), 'It is settled.');

        $this->css('[data-give-back]')->click();
        $this->found(WebDriverBy::xpath('//label[contains(., "Double spacing")]'))->click();
        $this->css('[data-give]')->click();
        $file = $this->downloaded();
        self::assertSame('tide-mills-with-page.docx', basename($file));
        $lines = $this->asText($file);
        self::assertSame(1, count(array_keys($lines, 'Works Cited', true)), 'The list was replaced.');
        self::assertSame(['Brook, Halima. Moonpower. 2014.', 'Zell, Edda. Never Cited. 2015.'], array_slice($lines, -2));
        self::assertSame($lines[0], 'Ada Adeyemi');
    }

    public function test_what_is_settled_stays_settled_when_the_draft_is_given_again(): void
    {
        $this->paperWithTwoBooks();
        $this->give(WordFile::of(WordFile::paper()));
        $this->css('[data-group="uncited"]');
        $this->button('Keep it')->click();
        $this->css('[data-group="settled"]');
        $this->give(WordFile::of(WordFile::paper(WordFile::p('More.'))), 'second.docx');
        $this->until(fn (): bool => str_contains($this->css('header')->getText(), 'second.docx'), 'The new one is there.');
        self::assertNotContains('uncited', $this->toPutRight());
        $this->css('[data-toss]')->click();
        $this->css('[data-choose-draft]');
        $this->browser->navigate()->refresh();
        $this->css('[data-choose-draft]');
    }

    public function test_a_refused_draft_is_told_and_the_one_before_stays(): void
    {
        $this->paperWithTwoBooks();
        $this->give(WordFile::of(WordFile::paper()));
        $this->give('PK no document', 'broken.docx', waits: false);
        self::assertStringContainsString('.docx or .odt', $this->css('[data-refusal]')->getText());
        $this->css('[data-citation]');
    }

    public function test_pasted_text_is_checked_by_keys_alone(): void
    {
        $this->paperWithTwoBooks();
        $this->css('[data-to-draft]')->sendKeys(WebDriverKeys::ENTER);
        $this->css('[data-draft-text]')->sendKeys('So it was (Brook, 2014, p. 15). And so on (Brook 20).');
        $this->css('[data-give-text]')->sendKeys(WebDriverKeys::ENTER);
        $this->css('[data-group="wrong-form"]');
        self::assertStringContainsString('(Brook 15)', $this->css('[data-group="wrong-form"]')->getText());
        $this->css('[data-citation="0"]')->sendKeys(WebDriverKeys::ENTER);
        $this->focused('[data-point][data-lit] button', 'Enter on a mark goes to its row.');
    }

    public function test_the_list_a_draft_has_is_read_into_the_paper_and_taken_at_once(): void
    {
        $this->beginPaper();
        $this->give(WordFile::of(WordFile::paper(list: WordFile::list())));
        $this->css('[data-read-list]')->click();
        $this->button('Take all 2 as they are')->click();
        $this->sees(
            'Brook, Halima. Moonpower. Quayside Press, 2014.',
            'Varga-Brandt, Ilse. “Wild Lamps.” Slack Water Review, 2 Apr. 2021, www.slackwater.example/wild-lamps.',
        );
    }

    public function test_an_entry_is_written_by_hand_and_goes_back_to_the_rules(): void
    {
        $this->paperWithTwoBooks();
        $this->css('[data-source] [data-stop]')->click();
        $this->css('[data-write-entry]')->click();
        $this->css('[data-own-entry]')->sendKeys(' By hand.');
        $this->css('[data-keep-entry]')->click();
        $this->sees('Brook, Halima. Moonpower. 2014. By hand.', 'Zell, Edda. Never Cited. 2015.');
        self::assertSame('Moonpower', $this->browser->executeScript(
            'return [...document.querySelectorAll("[data-entry] span")].find((one) => one.style.fontStyle === "italic")?.textContent',
        ));
        $this->css('[data-by-hand]');
        $this->css('[data-by-rules]')->click();
        $this->until(fn (): bool => $this->entries()[0] === 'Brook, Halima. Moonpower. 2014.', fn (): string => implode("\n", $this->entries()));
    }

    public function test_a_source_is_left_out_of_the_page_and_put_back(): void
    {
        $this->paperWithTwoBooks();
        $this->css('[data-source] [data-stop]')->click();
        $this->css('[data-leave-out]')->click();
        $this->until(fn (): bool => count($this->entries()) === 1, 'It is off the page.');
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->css('[data-put-back]')->click();
        $this->until(fn (): bool => count($this->entries()) === 2, 'It is back.');
    }

    public function test_the_page_stands_on_the_paper_and_number_the_course_wants(): void
    {
        $this->paperWithTwoBooks();
        $this->css('[data-rules]')->click();
        $this->found(WebDriverBy::xpath('//label[contains(., "A4")]'))->click();
        $number = $this->found(WebDriverBy::xpath('//label[contains(., "first sheet")]//input'));
        $number->sendKeys(WebDriverKeys::BACKSPACE.'7');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => str_contains($this->css('[data-page]')->getText(), 'A4'), 'The sheet is A4.');
        $sheet = 'return (([w, h]) => h / w)([...["offsetWidth", "offsetHeight"]].map((one) => document.querySelector("[data-sheet]")[one]))';
        self::assertEqualsWithDelta(1.414, $this->browser->executeScript($sheet), 0.01);
        self::assertStringContainsString("7\n", $this->css('[data-sheet]')->getText());
    }

    private function paperWithTwoBooks(): void
    {
        $this->beginPaper('Tide mills');
        $records = '@book{a, author={Brook, Halima}, title={Moonpower}, year={2014}} @book{b, author={Zell, Edda}, title={Never cited}, year={2015}}';
        $this->type($this->css('[data-lead]'), $records.WebDriverKeys::ENTER);
        $this->until(fn (): bool => count($this->entries()) === 2, fn (): string => implode("\n", $this->entries()));
        if ($this->browser->findElements(WebDriverBy::cssSelector('[data-form] [data-back]')) !== []) {
            $this->css('[data-back]')->click();
        }
    }

    private function give(string $bytes, string $name = 'tide-mills.docx', bool $waits = true): void
    {
        if ($this->browser->findElements(WebDriverBy::cssSelector('[data-draft-file]')) === []) {
            $this->css('[data-to-draft]')->click();
        }
        file_put_contents("{$this->folder}/{$name}", $bytes);
        $this->css('[data-draft-file]')->setFileDetector(new LocalFileDetector)->sendKeys("{$this->folder}/{$name}");
        if ($waits) {
            $this->until(fn (): bool => str_contains($this->css('header')->getText(), $name), 'The draft is read.');
            $this->css('[data-points]');
        }
    }

    /** @return list<string> the groups of what is to be put right */
    private function toPutRight(): array
    {
        return $this->browser->executeScript('return [...document.querySelectorAll("[data-points] [data-group]")].map((one) => one.dataset.group).filter((one) => one !== "settled")');
    }

    private function downloaded(): string
    {
        $found = '';
        $this->until(function () use (&$found): bool {
            $found = (glob("{$this->folder}/*-with-page.docx") ?: [''])[0];

            return $found !== '';
        }, 'The copy is downloaded.');

        return $found;
    }

    /** @return list<string> its lines, as LibreOffice reads them */
    private function asText(string $file): array
    {
        exec(sprintf('soffice -env:UserInstallation=file://%1$s/profile --headless --convert-to txt:Text --outdir %1$s %2$s 2>&1', $this->folder, escapeshellarg($file)), $output, $status);
        self::assertSame(0, $status, implode("\n", $output));
        $text = (string) file_get_contents(preg_replace('/docx$/', 'txt', $file));

        return array_values(array_filter(array_map(static fn (string $line): string => trim($line, "\u{FEFF}\f\r\n "), explode("\n", $text))));
    }
}
