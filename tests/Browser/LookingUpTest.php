<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** One box takes whatever the student has. */
final class LookingUpTest extends BrowserTestCase
{
    public function test_a_title_offers_its_editions_and_one_of_them_becomes_the_source(): void
    {
        $this->beginPaper();
        $this->paste('Moonpower by Halima Brook');
        $this->css('[data-lookup] ul');
        $editions = $this->browser->findElements(WebDriverBy::cssSelector('[data-lookup] ul li'));
        self::assertCount(4, $editions);
        $second = array_values(array_filter($editions, static fn (RemoteWebElement $one): bool => str_contains($one->getText(), 'Second edition') && ! str_contains($one->getText(), 'E-book')))[0];
        $second->findElement(WebDriverBy::xpath('.//button[contains(., "The whole of it")]'))->click();
        $this->sees('Brook, Halima. Moonpower: Mills of the Tidal Coast. 2nd ed., rev., Quayside Press, 2021.');
        self::assertStringContainsString('From the library catalogue.', $this->css('[data-form]')->getText());
        self::assertStringNotContainsString('Did you use the whole book', $this->css('body')->getText(), 'What was answered in the list is not asked again.');
    }

    public function test_one_part_of_a_book_asks_for_the_part(): void
    {
        $this->beginPaper();
        $this->paste('Salt roads');
        $first = $this->css('[data-lookup] ul li');
        $first->findElement(WebDriverBy::xpath('.//button[contains(., "One part of it")]'))->click();
        $this->type($this->field('title.main'), 'Carts by night');
        $this->sees('“Carts by Night.” Salt Roads: Essays on a Working Coast, edited by Noor Castellan, Northmere '
            .'UP, 2011.');
    }

    public function test_a_subtly_wrong_citation_is_caught_before_it_is_taken(): void
    {
        $this->beginPaper();
        $this->paste('Brook, Halima. Moonpower: Mills Of The Tidal Coast. Quayside Press, Inc, 2014.');
        self::assertSame(['Of The', 'Inc,'], array_map(static fn (RemoteWebElement $one): string => $one->getText(), [...$this->marks()]));
        self::assertStringContainsString('business words are left off', $this->css('[data-lookup] ol')->getText());
        self::assertSame([], $this->entries());
        $this->button('Add it to the paper')->click();
        $this->sees('Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.');
    }

    public function test_a_book_found_in_a_catalogue_gets_the_address_only_when_it_was_read_there(): void
    {
        $this->beginPaper();
        $this->lookUp('https://shelfmark.example/record/118822');
        $this->sees('Karrick, Ysolde. Caulking: A History from Oakum to Foam. 2nd ed., Lowtide Books, 2012.');
        $this->button('Yes, here')->click();
        $this->sees('Karrick, Ysolde. Caulking: A History from Oakum to Foam. 2nd ed., Lowtide Books, 2012, '
            .'shelfmark.example/record/118822.');
        $this->saved();
        self::assertSame([], $this->browser->findElements(WebDriverBy::xpath('//button[contains(., "Yes, here")]')));
    }

    public function test_several_leads_are_looked_up_behind_a_progress_bar(): void
    {
        $this->beginPaper();
        $box = $this->css('[data-lead]');
        foreach (['10.5555/jch.2016.0123', 'https://www.slackwater.example/grain-by-moonlight', 'https://lanternlab.example/down'] as $n => $lead) {
            $box->sendKeys($lead);
            $n < 2 ? $box->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ENTER]) : $box->sendKeys(WebDriverKeys::ENTER);
        }
        $this->until(fn (): bool => str_contains($this->css('section[aria-label="Look-ups"]')->getText(), '3 of 3 looked up'), fn (): string => $this->css('section[aria-label="Look-ups"]')->getText());
        self::assertStringContainsString('error 503', $this->css('section[aria-label="Look-ups"]')->getText());
        self::assertCount(1, $this->browser->findElements(WebDriverBy::xpath('//section[@aria-label="Look-ups"]//button[contains(., "Try again")]')));
        $this->until(fn (): bool => count($this->entries()) === 2, 'Two sources stand on the page.');
    }

    public function test_a_look_up_pulls_nobody_away_from_what_they_type(): void
    {
        $this->beginPaper();
        $this->byHand('book');
        $this->type($this->field('title.main'), 'being typed');
        $this->paste('https://lanternlab.example/slow');
        $this->type($this->field('title.main'), 'being typed while another one is looked up');
        $this->css('[data-lookup][data-state="added"]');
        self::assertSame('title.main', $this->browser->switchTo()->activeElement()->getAttribute('data-path'));
        self::assertSame('being typed while another one is looked up', $this->field('title.main')->getAttribute('value'));
        $this->saved();
        $this->button('Open it')->click();
        $this->until(fn (): bool => $this->field('title.main')->getAttribute('value') === 'Slow lamps', 'The source that was looked up is open.');
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-lookup]')) === [], 'What was opened is put away.');
    }

    public function test_what_is_pasted_while_a_look_up_runs_stays_and_the_look_up_is_found_again_after_a_reload(): void
    {
        $this->beginPaper();
        $this->paste('https://lanternlab.example/slow');
        $this->css('[data-lookup]');
        $this->css('[data-lead]')->sendKeys('the next one, half');
        $this->browser->navigate()->refresh();
        self::assertSame('the next one, half', $this->css('[data-lead]')->getAttribute('value'));
        $this->css('[data-lookup][data-state="added"]');
        self::assertSame('the next one, half', $this->css('[data-lead]')->getAttribute('value'));
        self::assertStringNotContainsString('/sources/', $this->browser->getCurrentURL());
        $this->until(fn (): bool => str_starts_with($this->entries()[0] ?? '', '“Slow Lamps.”'), 'What was looked up is not on the page.');
    }

    public function test_a_look_up_can_be_stopped_and_that_taken_back(): void
    {
        $this->beginPaper();
        $this->paste('https://lanternlab.example/never');
        $this->button('Stop')->click();
        $this->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-lookup]')) === [], 'It is still there.');
        $this->button('Undo')->click();
        $this->css('[data-lookup]');
        $this->button('Stop')->click();
        self::assertSame([], $this->entries());
    }

    public function test_words_of_the_page_copy_go_into_a_field_tidied(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->button('Show the page')->click();
        $this->css('[data-copy] article p');
        $this->browser->executeScript('const p = [...document.querySelectorAll("[data-copy] article p")].find((one) => '
            .'one.textContent.startsWith("©")); const range = document.createRange(); range.selectNodeContents(p); '
            .'const selection = getSelection(); selection.removeAllRanges(); selection.addRange(range);');
        $this->css('[data-copy] footer')->findElement(WebDriverBy::xpath('.//button[contains(., "Publisher")]'))->click();
        $this->until(fn (): bool => $this->field('containers.0.publisher')->getAttribute('value') === 'Northmere Heritage Trust', fn (): string => (string) $this->field('containers.0.publisher')->getAttribute('value'));
    }

    public function test_a_checked_value_stays_checked(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $dot = '[data-row="title.main"] [data-dot]';
        $this->css($dot)->click();
        $this->until(fn (): bool => $this->css($dot)->getAttribute('aria-pressed') === 'true', 'It says so.');
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->until(fn (): bool => $this->css($dot)->getAttribute('aria-pressed') === 'true', 'It still says so after a reload.');
    }

    /** @return list<RemoteWebElement> */
    private function marks(): array
    {
        $this->css('[data-lookup] mark');

        return $this->browser->findElements(WebDriverBy::cssSelector('[data-lookup] mark'));
    }

    private function paste(string $lead): void
    {
        $this->type($this->css('[data-lead]'), $lead.WebDriverKeys::ENTER);
    }
}
