<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** The whole of it without a pointer, and where the focus is after each step. */
final class KeysTest extends BrowserTestCase
{
    public function test_from_a_lead_to_a_downloaded_document(): void
    {
        $this->visit('/');
        $this->css('[data-papers]');
        $this->tabTo('[data-name]');
        $this->keys('Low water', WebDriverKeys::ENTER);
        $this->css('[data-first]');
        $this->focused('[data-lead]', 'A new paper begins with what one has.');
        $this->keys('https://www.slackwater.example/grain-by-moonlight', WebDriverKeys::ENTER);
        $this->css('[data-form]');
        $this->focused('[data-path="contributors.0"]', 'What was looked up opens in its first field.');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->css('[data-sources]');
        $this->focused('[data-lead]', 'After a source the next one is asked for.');
        $this->alt('g');
        $this->css('[role="menuitem"]');
        $this->focused('[role="menu"], [role="menuitem"]', 'The menu has the focus.');
        $this->browser->executeScript('window.asked = []; HTMLAnchorElement.prototype.click = function () { window.asked.push(this.getAttribute("href")); }');
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->until(fn (): bool => str_contains($this->browser->switchTo()->activeElement()->getText(), 'PDF'), 'An arrow walks on.');
        $this->keys(WebDriverKeys::ARROW_UP);
        $this->until(fn (): bool => str_contains($this->browser->switchTo()->activeElement()->getText(), 'Word-processor document'), fn (): string => $this->browser->switchTo()->activeElement()->getText());
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn (): bool => preg_match('~^/papers/\w+/page\.docx$~', (string) ($this->browser->executeScript('return window.asked[0] ?? ""'))) === 1, 'The document is asked for.');
        $this->focused('[data-get]', 'A choice that leads nowhere goes back to its button.');
        self::assertSame('menu', $this->active('aria-haspopup'));
        self::assertSame('false', $this->active('aria-expanded'));
        $this->keys(WebDriverKeys::ENTER);
        $this->css('[role="menuitem"]');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->focused('[data-get]', 'Escape closes it.');
    }

    public function test_a_source_by_hand_from_the_word_to_the_entry(): void
    {
        $this->beginPaper();
        $this->alt('n');
        $this->focused('[data-kind-search]', 'The question is asked.');
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->focused('[data-kind="web-page"]', 'Down from the box into what is used most.');
        $this->keys(WebDriverKeys::ARROW_RIGHT);
        $this->focused('[data-kind="online-article"]', 'Right in the pair.');
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_LEFT);
        $this->focused('[data-kind="book"]', 'Down and left.');
        $this->keys(WebDriverKeys::ENTER);
        $this->focused('[data-path="contributors.0"]', 'Into the form.');
        $this->keys('Halima', WebDriverKeys::TAB, 'Brook');
        $this->tabTo('[data-path="title.main"]');
        $this->keys('Moonpower');
        $this->sees('Brook, Halima. Moonpower.');
    }

    public function test_lists_and_pages_are_one_stop_each(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-sources]');
        $stops = fn (string $in): int => (int) $this->browser->executeScript('return [...document.querySelectorAll(`${arguments[0]} [tabindex="0"], ${arguments[0]} button:not([tabindex="-1"]), ${arguments[0]} input:not([tabindex="-1"])`)].length', [$in]);
        self::assertSame(1, $stops('[data-sources]'));
        self::assertSame(1, (int) $this->browser->executeScript('return document.querySelectorAll("[data-desk] [tabindex=\"0\"]").length'));
        $this->alt('s');
        $this->focused('[data-sources] [data-source]:nth-child(1) [data-stop]', 'On the first row.');
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->focused('[data-source]:nth-child(2) [data-stop]', 'On the second.');
        $this->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        $this->focused('[data-source]:nth-child(2) button[aria-label^="Copy"]', 'On what one can do with it.');
        $this->alt('p');
        $first = $this->active('tabindex');
        self::assertSame('0', $first);
        $this->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_RIGHT);
        self::assertStringContainsString('MLA Handbook', $this->css('[data-tip]')->getText());
        $this->keys(WebDriverKeys::ENTER);
        $this->css('[data-form]');
        $this->until(fn (): bool => $this->active('data-path') !== '', 'From the page into a field.');
    }

    public function test_the_focus_is_never_lost(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->press('[data-issue="copyright-year"] button:last-child');
        $this->focused('[data-path="containers.0.date"]', 'A settled point leads to its field.');
        $this->press('[data-add="contributors"]');
        $this->focused('[data-path="contributors.1"]', 'A new person is typed at once.');
        $this->keys('Oona');
        $this->press('[aria-label="More about person 2"]');
        $this->press('[aria-label="Remove person 2"]');
        $this->focused('[data-path="contributors.0"]', 'To the person before.');
        $this->press('[data-show-page]');
        $this->focused('[data-page-copy]', 'The page copy is read.');
        $this->press('[data-copy] header button');
        $this->focused('[data-show-page]', 'Back to what opened it.');
        $this->press('[data-kind-button]');
        $this->focused('[data-kind-search]', 'The question.');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->focused('[data-kind-button]', 'Back to the kind.');
        foreach (['[data-rules]', '[data-help]'] as $opens) {
            $this->press($opens);
            $this->css('dialog[open]');
            $this->keys(WebDriverKeys::ESCAPE);
            $this->focused($opens, 'A dialog gives the focus back.');
        }
        $this->press('[data-row="title.main"] [data-dot]');
        $this->focused('[data-row="title.main"] [data-dot]', 'A press on a dot stays there.');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->focused('[data-lead]', 'After a new source: the next one.');
        $this->press('[data-source] button[aria-label^="Remove"]');
        $this->css('[data-first]');
        $this->focused('[data-lead]', 'Nothing is left in the list.');
    }

    public function test_the_first_tab_offers_to_skip_to_where_one_works(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-sources]');
        $this->browser->executeScript('document.activeElement.blur()');
        foreach (['[data-lead]', '[data-sources] [data-stop]', '[data-desk] [data-stop]'] as $i => $place) {
            $this->browser->executeScript('document.querySelectorAll("nav a")[arguments[0]].focus()', [$i]);
            self::assertGreaterThanOrEqual(0, $this->browser->executeScript('return document.activeElement.getBoundingClientRect().top'), 'It shows itself.');
            $this->keys(WebDriverKeys::ENTER);
            $this->focused($place, 'It leads there.');
        }
    }

    public function test_help_is_a_key_away_and_none_while_one_types(): void
    {
        $this->beginPaper();
        $this->focused('[data-lead]', 'Ready for a lead.');
        $this->keys('?');
        self::assertSame([], $this->browser->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('dialog[open]')), 'What is typed is typed.');
        $this->press('[data-help]');
        $text = $this->css('dialog[open]')->getText();
        foreach (['Alt + L', 'Alt + N', 'Alt + P', 'Esc'] as $key) {
            self::assertStringContainsString($key, $text);
        }
        $this->keys(WebDriverKeys::ESCAPE, WebDriverKeys::TAB, '?');
        $this->css('dialog[open]');
    }

    public function test_what_happens_is_said_once(): void
    {
        $this->beginPaper();
        $this->browser->executeScript(<<<'JS'
            window.said = [];
            new MutationObserver((all) => all.forEach((one) => {
                const live = one.target.nodeType === 1 ? one.target.closest('[role="status"], [role="alert"], [aria-live]') : one.target.parentElement?.closest('[role="status"], [role="alert"], [aria-live]');
                const text = live?.textContent.trim();
                if (text) window.said.push(text);
                for (const added of one.addedNodes) if (added.nodeType === 1) for (const alert of [added, ...added.querySelectorAll('*')]) if (['alert', 'status'].includes(alert.getAttribute('role')) && alert !== live && alert.textContent.trim()) window.said.push(alert.textContent.trim());
            })).observe(document.body, { subtree: true, childList: true, characterData: true });
            JS);
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->type($this->field('title.main'), 'Typed slowly');
        $this->saved();
        $this->type($this->field('title.main'), 'And again');
        $this->saved();
        $said = $this->browser->executeScript('return [...new Set(window.said)]');
        $of = static fn (string $words): array => array_values(array_filter($said, static fn (string $one): bool => str_contains($one, $words)));
        self::assertCount(1, $of('Looking up https://www.slackwater.example/grain-by-moonlight'), implode("\n", $said));
        self::assertCount(1, $of('Added'), implode("\n", $said));
        self::assertSame([], $of('Saved'), 'Saving is not told at every pause.');
        $this->press('[data-back]');
        $this->press('[data-source] button[aria-label^="Remove"]');
        $this->until(fn (): bool => str_contains(implode("\n", $this->browser->executeScript('return window.said')), 'was removed'), 'A removal is told.');
    }

    /** Presses what stands at a place by keys. */
    private function press(string $selector): void
    {
        $this->css($selector);
        $this->browser->executeScript('document.querySelector(arguments[0]).focus()', [$selector]);
        $this->keys(WebDriverKeys::ENTER);
    }

    private function alt(string $letter): void
    {
        $this->browser->action()->keyDown(null, WebDriverKeys::ALT)->sendKeys(null, $letter)->keyUp(null, WebDriverKeys::ALT)->perform();
    }

    private function tabTo(string $selector): void
    {
        for ($i = 0; $i < 40; $i++) {
            if ((bool) $this->browser->executeScript('return document.activeElement.matches(arguments[0])', [$selector])) {
                return;
            }
            $this->keys(WebDriverKeys::TAB);
        }
        self::fail("Forty times Tab did not reach {$selector}.");
    }
}
