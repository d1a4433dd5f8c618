<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

/** Everything saves itself, whatever happens to the tab or the connection. */
final class NothingIsLostTest extends BrowserTestCase
{
    public function test_what_is_typed_while_the_connection_is_gone_is_kept_and_saved_later(): void
    {
        $this->bookInHand();
        $this->cdp('Network.enable');
        $this->cdp('Network.emulateNetworkConditions', ['offline' => true, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
        $this->type($this->field('title.main'), 'typed in a tunnel');
        $this->until(fn (): bool => str_contains($this->css('.bar [role=status]')->getText(), 'Not saved yet'), 'The lost connection is not shown.');
        self::assertSame('typed in a tunnel', $this->field('title.main')->getAttribute('value'));
        $this->cdp('Network.emulateNetworkConditions', ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->sees('Typed in a Tunnel.');
    }

    public function test_a_tab_closed_in_the_middle_of_a_word_loses_nothing(): void
    {
        $this->bookInHand();
        $this->type($this->field('title.main'), 'closed in the middle of a wor');
        $this->visit('/');
        $this->css('.papers li a')->click();
        $this->sees('Closed in the Middle of a Wor.');
    }

    public function test_two_tabs_on_one_source_ask_which_to_keep(): void
    {
        $this->bookInHand();
        $here = $this->browser->getWindowHandle();
        $address = $this->browser->getCurrentURL();
        $this->browser->newWindow();
        $this->browser->switchTo()->window(array_values(array_diff($this->browser->getWindowHandles(), [$here]))[0]);
        $this->browser->get($address);
        $this->type($this->field('title.main'), 'from the other tab');
        $this->saved();
        $this->browser->switchTo()->window($here);
        $this->type($this->field('title.main'), 'from this tab');
        self::assertStringContainsString('from the other tab', $this->css('dialog[open]')->getText());
        $this->button('Keep mine')->click();
        $this->saved();
        $this->sees('From This Tab.');
        $this->browser->navigate()->refresh();
        $this->sees('From This Tab.');
    }

    public function test_a_removed_paper_comes_back(): void
    {
        $this->beginPaper('To be removed');
        $this->visit('/');
        $this->css('[aria-label="Remove To be removed"]')->click();
        $this->until(fn (): bool => ! str_contains($this->css('ul[aria-label="Papers"]')->getText(), 'To be removed'), 'The paper is still listed.');
        $this->button('Undo')->click();
        $this->until(fn (): bool => str_contains($this->css('ul[aria-label="Papers"]')->getText(), 'To be removed'), 'The paper did not come back.');
    }

    private function bookInHand(): void
    {
        $this->beginPaper();
        $this->button('Fill in a book by hand')->click();
        $this->type($this->field('title.main'), 'first words');
        $this->sees('First Words.');
        $this->saved();
    }
}
