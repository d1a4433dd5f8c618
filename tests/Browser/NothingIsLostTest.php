<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** Everything saves itself, whatever happens to the tab, the connection, or in another tab. */
final class NothingIsLostTest extends BrowserTestCase
{
    public function test_what_is_typed_while_the_connection_is_gone_is_kept_and_saved_later(): void
    {
        $this->bookInHand();
        $this->offline(true);
        $this->type($this->field('title.main'), 'typed in a tunnel');
        $this->until(fn (): bool => $this->progress() === 'Not saved yet', 'The lost connection is not shown.');
        self::assertSame('typed in a tunnel', $this->field('title.main')->getAttribute('value'));
        $this->offline(false);
        $this->saved();
        // The page at the right catches up by itself.
        $this->sees('Typed in a Tunnel.');
        $this->browser->navigate()->refresh();
        $this->sees('Typed in a Tunnel.');
    }

    public function test_a_tab_closed_in_the_middle_of_a_word_loses_nothing(): void
    {
        $this->bookInHand();
        $this->type($this->field('title.main'), 'closed in the middle of a wor');
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->sees('Closed in the Middle of a Wor.');
    }

    public function test_the_title_of_a_paper_is_kept_as_well_as_anything_else(): void
    {
        $this->bookInHand();
        $this->type($this->css('[data-title]'), 'Typed and reloaded at once');
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->css('[data-title]')->getAttribute('value') === 'Typed and reloaded at once', 'The title is gone.');
        $this->saved();

        $this->offline(true);
        $this->type($this->css('[data-title]'), 'Typed in a tunnel');
        $this->until(fn (): bool => $this->progress() === 'Not saved yet', 'It says “Saved” while the title waits.');
        $this->offline(false);
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->css('[data-title]')->getAttribute('value') === 'Typed in a tunnel', 'The title is gone.');
    }

    public function test_a_paper_opens_without_a_connection_with_what_was_typed(): void
    {
        $port = 20_000 + getmypid() % 10_000;
        $forward = $this->forwarded($port);
        $this->browser->get("http://127.0.0.1:{$port}/");
        $this->begin('Under the hill');
        $this->byHand('book');
        $this->type($this->field('title.main'), 'first words');
        $this->sees('First Words.');
        $this->saved();
        $this->until(fn (): bool => $this->browser->executeAsyncScript('const done = arguments[0]; '
            .'navigator.serviceWorker.ready.then((one) => caches.match("/").then((shell) => done(one.active !== null '
            .'&& shell !== undefined)))') === true, 'Nothing is there to open the paper later.');

        proc_terminate($forward, SIGKILL);
        proc_close($forward);
        $this->type($this->field('title.main'), 'typed on without a net');
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->field('title.main')->getAttribute('value') === 'typed on without a net', 'What was typed is not there.');
        $this->until(fn (): bool => $this->progress() === 'Not saved yet', 'It does not say that it is not saved.');
        $this->css('[data-papers], [data-lead]');
        $this->type($this->field('containers.0.publisher'), 'Quayside Press');

        $forward = $this->forwarded($port);
        $this->saved();
        $this->sees('Typed on without a Net. Quayside Press.');
        proc_terminate($forward, SIGKILL);
        proc_close($forward);
    }

    public function test_two_tabs_that_change_two_fields_are_put_together_without_a_word(): void
    {
        $this->bookInHand();
        $this->inAnotherTab(function (): void {
            $this->type($this->field('containers.0.publisher'), 'Quayside Press');
            $this->saved();
        });
        $this->type($this->field('title.main'), 'from this tab');
        $this->saved();
        $this->sees('From This Tab. Quayside Press.');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('dialog[open]')));
        self::assertSame('Quayside Press', $this->field('containers.0.publisher')->getAttribute('value'));
    }

    /** This tab hears nothing of others until it saves, as if they were faster than its next question. */
    private function withoutNews(): void
    {
        $this->saved();
        $this->cdp('Network.enable');
        $this->cdp('Network.setBlockedURLs', ['urls' => ['*/revision*']]);
    }

    public function test_one_field_changed_in_two_tabs_asks_and_what_is_not_chosen_can_be_brought_back(): void
    {
        $this->bookInHand();
        $this->withoutNews();
        $this->inAnotherTab(function (): void {
            $this->type($this->field('title.main'), 'from the other tab');
            $this->saved();
        });
        $this->type($this->field('title.main'), 'from this tab');
        $asked = $this->css('dialog[open]')->getText();
        foreach (['Title', 'from the other tab', 'from this tab'] as $said) {
            self::assertStringContainsString($said, $asked);
        }
        $this->css('dialog[open] label:nth-of-type(2) input')->click();
        $this->button('Go on with these')->click();
        $this->saved();
        $this->sees('From the Other Tab.');
        $this->button('Earlier states')->click();
        $this->until(fn (): bool => str_contains($this->css('[data-kept]')->getText(), 'From This Tab.'), fn (): string => $this->css('dialog[open]')->getText());
        $this->browser->findElement(WebDriverBy::xpath('//ul[@data-kept]/li[contains(., "From This Tab.")]//button'))->click();
        $this->sees('From This Tab.');
    }

    public function test_people_who_are_changed_in_two_tabs_are_never_mixed(): void
    {
        $this->bookInHand();
        $this->withoutNews();
        $this->type($this->field('contributors.0'), 'Halima');
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Brook');
        $this->button('Add a person or group')->click();
        $this->type($this->field('contributors.1'), 'Piet');
        $this->type($this->css('[aria-label="Family name, 2"]'), 'Ilves');
        $this->saved();
        $this->inAnotherTab(function (): void {
            // The second one goes first.
            $this->css('[aria-label="Family name, 2"]')->click();
            $this->keys(WebDriverKeys::ALT, WebDriverKeys::ARROW_UP, WebDriverKeys::NULL);
            $this->until(fn (): bool => $this->css('[aria-label="Family name, 1"]')->getAttribute('value') === 'Ilves', 'They did not change places.');
            $this->saved();
        });
        $this->type($this->css('[aria-label="Family name, 1"]'), 'Brooke');
        $this->saved();
        $this->sees('Ilves, Piet, and Halima Brooke. First Words.');
    }

    public function test_typing_into_what_another_tab_removed_offers_to_bring_it_back(): void
    {
        $this->bookInHand();
        $this->withoutNews();
        $this->inAnotherTab(function (): void {
            $this->button('Remove this source')->click();
            $this->css('[data-first]');
        });
        $this->type($this->field('title.main'), 'typed too late');
        self::assertStringContainsString('removed in another tab', $this->css('dialog[open]')->getText());
        $this->button('Bring it back')->click();
        $this->saved();
        $this->sees('Typed Too Late.');
        $this->browser->navigate()->refresh();
        $this->sees('Typed Too Late.');
    }

    public function test_typing_into_a_paper_that_was_removed_offers_the_same(): void
    {
        $this->bookInHand();
        $this->withoutNews();
        $this->inAnotherTab(function (): void {
            $this->visit('/');
            $this->css('[aria-label="Remove Low water"]')->click();
            $this->css('[data-messages]');
        });
        $this->type($this->field('title.main'), 'typed too late');
        self::assertStringContainsString('This paper was removed', $this->css('dialog[open]')->getText());
        $this->button('Bring it back')->click();
        $this->saved();
        $this->sees('Typed Too Late.');
    }

    public function test_a_removed_paper_and_a_removed_source_wait_in_a_bin(): void
    {
        $this->bookInHand();
        $this->button('Remove this source')->click();
        $this->css('[data-first]');
        $this->browser->navigate()->refresh();
        $this->button('One removed source')->click();
        $this->button('Bring it back')->click();
        $this->sees('First Words.');

        $this->visit('/');
        $this->css('[aria-label="Remove Low water"]')->click();
        $this->until(fn (): bool => ! str_contains($this->css('ul[aria-label="Papers"]')->getText(), 'Low water'), 'The paper is still listed.');
        $this->browser->navigate()->refresh();
        $this->button('One removed paper')->click();
        $this->button('Bring it back')->click();
        $this->until(fn (): bool => str_contains($this->css('ul[aria-label="Papers"]')->getText(), 'Low water'), 'The paper did not come back.');
        $this->css('[aria-label="Remove Low water"]')->click();
        $this->button('Undo')->click();
        $this->until(fn (): bool => str_contains($this->css('ul[aria-label="Papers"]')->getText(), 'Low water'), 'Undoing did not bring it back.');
    }

    public function test_a_double_press_begins_one_paper(): void
    {
        $this->visit('/');
        $before = count($this->papers());
        $this->css('[data-name]')->sendKeys('Pressed twice');
        $this->browser->executeScript('const button = [...document.querySelectorAll("button")].find((one) => '
            .'one.textContent.includes("Begin the paper")); button.click(); button.click(); '
            .'button.form.requestSubmit();');
        $this->css('[data-first]');
        $this->visit('/');
        self::assertCount($before + 1, $this->papers());
    }

    public function test_typing_can_be_kept_for_this_tab_alone(): void
    {
        $this->visit('/');
        // The choice stands below the list, and stays where it is once that is there.
        $this->css('[data-papers] li');
        $this->css('fieldset label:nth-of-type(2) input')->click();
        $this->until(fn (): bool => $this->css('fieldset label:nth-of-type(2) input')->isSelected(), 'It is chosen.');
        $this->begin('On a shared computer');
        $this->byHand('book');
        $this->type($this->field('title.main'), 'first words');
        $this->saved();
        $this->offline(true);
        $this->type($this->field('title.main'), 'kept in the tab');
        $this->until(fn (): bool => $this->progress() === 'Not saved yet', 'The lost connection is not shown.');
        $where = fn (): array => $this->browser->executeScript('return [localStorage, sessionStorage].map((one) => '
            .'Object.keys(one).filter((key) => key.startsWith("bibrel:outbox")).length)');
        self::assertSame([0, 1], $where());
        self::assertFalse($this->browser->executeAsyncScript('const done = arguments[0]; '
            .'caches.has("bibrel-copies").then(done)'), 'A copy of the paper outlasts the tab.');
        $this->offline(false);
        $this->saved();
        self::assertSame([0, 0], $where());
    }

    private function bookInHand(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'first words');
        $this->sees('First Words.');
        $this->saved();
    }

    private function begin(string $title): void
    {
        $this->css('[data-name]')->sendKeys($title);
        $this->button('Begin the paper')->click();
        $this->css('[data-first]');
    }

    /** @return list<string> */
    private function papers(): array
    {
        $this->css('[data-papers] li');

        return array_map(static fn ($one): string => $one->getText(), $this->browser->findElements(WebDriverBy::cssSelector('[data-papers] li')));
    }

    private function progress(): string
    {
        return $this->css('[data-saved]')->getText();
    }

    private function offline(bool $offline): void
    {
        $this->cdp('Network.enable');
        $this->cdp('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    private function inAnotherTab(\Closure $work): void
    {
        $here = $this->browser->getWindowHandle();
        $address = $this->browser->getCurrentURL();
        $this->browser->newWindow();
        $this->browser->switchTo()->window(array_values(array_diff($this->browser->getWindowHandles(), [$here]))[0]);
        $this->browser->get($address);
        $work();
        $this->browser->close();
        $this->browser->switchTo()->window($here);
    }

    /** @return resource a way to the application that can be cut */
    private function forwarded(int $port)
    {
        $to = parse_url((string) getenv('BIBREL_URL'), PHP_URL_PORT);
        $process = proc_open([PHP_BINARY, __DIR__.'/forward.php', (string) $port, (string) $to], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
        $this->until(static fn (): bool => @fsockopen('127.0.0.1', $port) !== false, 'The way to the application '
            .'does not open.');

        return $process ?: throw new \RuntimeException('No process could be started.');
    }
}
