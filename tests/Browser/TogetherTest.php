<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** Papers kept everywhere and written together, as two people in two browsers do it. */
final class TogetherTest extends BrowserTestCase
{
    /** @var list<array{RemoteWebDriver, string}> browsers of others, and their profiles */
    private array $others = [];

    private RemoteWebDriver $first;

    protected function setUp(): void
    {
        parent::setUp();
        $this->first = $this->browser;
    }

    protected function tearDown(): void
    {
        $this->browser = $this->first;
        foreach ($this->others as [$browser, $profile]) {
            $browser->quit();
            exec('rm -rf '.escapeshellarg($profile));
        }
        parent::tearDown();
    }

    public function test_two_edit_one_paper_in_two_browsers(): void
    {
        $paper = $this->paperWithBook();
        $link = $this->shares('edit', 'Ada');
        [$ada, $rafi] = [$this->browser, $this->another()];
        $this->joins($rafi, $link, 'Rafi');

        // What one types is on the other's page within five seconds.
        $this->in($rafi);
        $this->css('[data-source] [data-stop]')->click();
        $this->type($this->field('containers.0.publisher'), 'Quayside Press');
        $since = microtime(true);
        $this->in($ada);
        $this->sees('Brook, Halima. Moonpower. Quayside Press.');
        self::assertLessThan(6.5, microtime(true) - $since, 'Half a second to save, five to arrive.');
        self::assertStringContainsString('Rafi', $this->css('[data-company]')->getText());
        self::assertStringContainsString('Moonpower', $this->css('[data-company]')->getText());
        $this->until(fn (): bool => str_contains($this->css('[data-source]')->getText(), 'changed by Rafi'), 'The list says who changed it.');

        // Both type in the same source, and nothing moves under anybody's hands.
        $this->css('[data-source] [data-stop]')->click();
        $this->type($this->field('containers.0.date'), '201');
        $this->in($rafi);
        $this->type($this->field('containers.0.publisher'), 'Saltmarsh Books');
        $this->saved();
        $this->in($ada);
        $this->focused('[data-path="containers.0.date"]', 'The date is still being typed.');
        $this->keys('4');
        $this->until(fn (): bool => $this->field('containers.0.publisher')->getAttribute('value') === 'Saltmarsh Books', 'What the other typed is in the form.');
        self::assertSame('2014', $this->field('containers.0.date')->getAttribute('value'));
        $this->focused('[data-path="containers.0.date"]', 'Nothing moved the cursor.');
        $whole = 'Brook, Halima. Moonpower. Saltmarsh Books, 2014.';
        $this->sees($whole);
        $this->in($rafi);
        $this->sees($whole);

        // Comments go both ways.
        $this->css('[data-say] textarea')->sendKeys('Which edition?');
        $this->button('Comment')->click();
        $this->css('[data-comment]');
        $this->in($ada);
        $this->until(fn (): bool => str_contains($this->css('[data-comments]')->getText(), 'Which edition?'), 'The comment arrives.');
        $this->button('Settled')->click();
        $this->button('One settled comment');

        // Once it is taken back, nothing of it is left there.
        $this->visit("/papers/{$paper}");
        $this->css('[data-share]')->click();
        $this->button('Take it back')->click();
        $this->button('Give it again');
        $this->in($rafi);
        $this->until(fn (): bool => str_contains($this->css('main')->getText(), 'not on your list'), fn (): string => 'The paper is still there: '.$this->css('body')->getText());
    }

    public function test_a_link_to_the_page_shows_it_to_anybody(): void
    {
        $this->paperWithBook();
        $link = $this->shares('page', 'Ada');
        $this->in($this->another());
        $this->browser->get($link);
        $this->sees('Brook, Halima. Moonpower.');
        self::assertStringContainsString('Moonpower', $this->css('[data-shared-page] section')->getText());
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-lead], [data-form], [data-comments]')));
    }

    public function test_papers_are_there_in_another_browser_once_one_signs_in(): void
    {
        $this->paperWithBook('Low water');
        $email = 'ada'.bin2hex(random_bytes(4)).'@northmere.example';
        $this->visit('/');
        $this->css('[data-keep]')->click();
        $this->signs($email);
        $this->css('[data-account]');

        // The mail lies in the mailbox of the trial, and its link is good.
        $this->visit('/mailbox');
        $mail = $this->found(WebDriverBy::xpath("//article[contains(., '{$email}')]"));
        $mail->findElement(WebDriverBy::cssSelector('a'))->click();
        $this->button('Sign out');
        self::assertStringContainsString('Your address is confirmed.', $this->css('main')->getText());

        $this->in($this->another());
        $this->visit('/');
        $this->css('[data-to-sign-in]')->click();
        $this->css('[data-not-mine]')->click();
        $this->signs($email);
        $this->until(fn (): bool => str_contains($this->css('[data-papers]')->getText(), 'Low water'), 'The paper is there.');
        $this->css('[data-account]')->click();
        $this->css('[data-sign-out]')->click();
        $this->css('[data-keep]');
        $this->until(fn (): bool => ! str_contains($this->css('main')->getText(), 'Low water'), 'Signed out, it is gone.');
        self::assertSame([], array_values(array_filter(
            (array) $this->browser->executeAsyncScript('const done = arguments[0]; caches.keys().then(async (keys) => { const all = [...Object.values(localStorage), ...Object.values(sessionStorage)]; for (const key of keys) for (const one of await (await caches.open(key)).keys()) all.push(await (await (await caches.open(key)).match(one)).text()); done(all); })'),
            static fn (mixed $kept): bool => str_contains((string) $kept, 'Low water'),
        )), 'Nothing of it stays on a computer that is not one’s own.');
    }

    public function test_a_course_from_its_link_to_a_paper_that_is_handed_in_and_read(): void
    {
        $this->visit('/courses');
        $this->css('[data-begin-course] input')->sendKeys('Tides 9');
        $this->button('Begin a course')->click();
        $this->type($this->css('[data-asked-field="atLeast"]'), '2');
        $this->until(fn (): bool => $this->css('[data-course-saved]')->getText() === 'Saved', 'A course saves itself.');
        $link = $this->css('[data-course-link]')->getText();

        [$teacher, $student] = [$this->browser, $this->another()];
        $this->in($student);
        $this->browser->get($link);
        self::assertStringContainsString('At least 2 sources', $this->css('[data-course-asks]')->getText());
        $this->css('[data-begin-for-course]')->click();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'Moonpower');
        $this->saved();
        $this->button('Back to the list')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-asked]')->getText(), '1 of at least 2 sources'), 'What is missing is told.');
        $this->css('[data-hand-in]')->click();
        $this->css('[data-hand-in-name]')->sendKeys('Mona');
        $this->button('Hand in now')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-messages], .ant-message')->getText(), 'Handed in'), 'It says that it is handed in.');

        $this->in($teacher);
        $this->browser->navigate()->refresh();
        $this->found(WebDriverBy::linkText('Mona'))->click();
        $this->sees('Moonpower.');
        $this->css('[data-say] textarea')->sendKeys('A good beginning.');
        $this->button('Comment')->click();
        $this->css('[data-comment]');
        $this->css('[data-entry] [data-stop]')->click();
        $this->css('[data-say] textarea')->sendKeys('Who wrote it?');
        $this->button('Comment')->click();
        $this->css('[data-comment]');

        $this->in($student);
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => str_contains($this->css('[data-source]')->getText(), '1 comment'), 'The remark is on the paper.');
        $this->until(fn (): bool => str_contains($this->css('[data-comments]')->getText(), 'A good beginning.'), 'So is what is said of the whole.');
        $this->css('[data-source] [data-stop]')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-comments]')->getText(), 'Who wrote it?'), 'The student reads it.');
    }

    public function test_words_of_the_page_copy_become_a_note_that_goes_out_with_its_citation(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->button('Show the page')->click();
        $this->css('[data-page-copy] p');
        $words = (string) $this->browser->executeScript('const p = [...document.querySelectorAll("[data-page-copy] p")].find((one) => one.textContent.length > 20); const text = document.createTreeWalker(p, NodeFilter.SHOW_TEXT).nextNode(); const range = document.createRange(); range.setStart(text, 0); range.setEnd(text, Math.min(40, text.length)); getSelection().removeAllRanges(); getSelection().addRange(range); return range.toString().trim()');
        $this->css('[data-note-words]')->click();
        $note = $this->css('[data-note] [data-note-text]');
        self::assertSame($words, $note->getAttribute('value'));
        $this->saved();
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-departs]')));
        $note->sendKeys(' changed');
        $this->css('[data-departs]');
        $this->type($this->css('[data-note-tags]'), 'mills, sea');
        $this->saved();
        $this->button('Back to the list')->click();
        $this->css('[data-to-notes]')->click();
        (new WebDriverSelect($this->css('[data-note-order]')))->selectByVisibleText('By tag');
        $this->until(fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('[data-note-group]'))) === 2, 'The note stands below each of its tags.');
        $this->css('[data-note-copy]')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-messages], .ant-message')->getText(), 'with its citation'), 'It says that it was copied.');
        $this->button('Remove')->click();
        $this->until(fn (): bool => str_contains($this->css('main')->getText(), 'No note yet'), 'It is gone.');
        $this->button('Undo')->click();
        $this->css('[data-note]');
    }

    public function test_the_mix_is_held_against_what_one_asks_and_what_one_says(): void
    {
        $this->paperWithBook();
        $this->css('[data-back]')->click();
        $this->css('[data-to-mix]')->click();
        $this->css('[data-ask]')->click();
        $this->type($this->css('[data-asked-field="primary"]'), '1');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(fn (): bool => str_contains($this->css('[data-enough]')->getText(), 'No primary source yet'), 'What is missing is told.');
        (new WebDriverSelect($this->css('[data-say="primacy"]')))->selectByVisibleText('Primary');
        $this->until(fn (): bool => str_contains($this->css('[data-answer="primary"]')->getText(), '1 primary source'), 'What was said is counted.');
        self::assertSame('1', $this->css('[data-measure="primacy"] [data-bar]')->getAttribute('data-bar'));
    }

    /** A paper with one book on it; gives its id. */
    private function paperWithBook(string $title = 'Low water'): string
    {
        $this->beginPaper($title);
        $this->byHand('book');
        $this->type($this->field('contributors.0'), 'Halima');
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Brook');
        $this->type($this->field('title.main'), 'Moonpower');
        $this->saved();

        return (string) $this->browser->executeScript('return location.pathname.split("/")[2]');
    }

    /** Shares the open paper by a link; gives the link. */
    private function shares(string $may, string $name): string
    {
        $this->css('[data-back]')->click();
        $this->css('[data-share]')->click();
        (new WebDriverSelect($this->css('[data-may]')))->selectByValue($may);
        $this->type($this->css('[data-make-share] [data-my-name]'), $name);
        $this->button('Make the link')->click();
        $link = (string) $this->css('[data-address]')->getAttribute('data-address');
        $this->keys(WebDriverKeys::ESCAPE);

        return $link;
    }

    private function joins(RemoteWebDriver $browser, string $link, string $name): void
    {
        $this->in($browser);
        $this->browser->get($link);
        $this->type($this->css('[data-join] [data-my-name]'), $name);
        $this->button('Open the paper')->click();
        $this->css('[data-source]');
    }

    private function signs(string $email): void
    {
        $this->css('[data-sign-in] [data-email]')->sendKeys($email);
        $this->css('[data-sign-in] [data-password]')->sendKeys('wheel and water');
        $this->css('[data-sign-in] button[type="submit"]')->click();
        $this->css('[data-account]');
    }

    /** Goes on in another browser. */
    private function in(RemoteWebDriver $browser): void
    {
        $this->browser = $browser;
    }

    /** Somebody else’s browser. */
    private function another(): RemoteWebDriver
    {
        [$browser, $profile] = $this->opened();
        $this->others[] = [$browser, $profile];

        return $browser;
    }
}
