<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The forms: finding the kind, how the source was reached, names, titles, and the citation for the text. */
final class FormsTest extends BrowserTestCase
{
    public function test_a_kind_is_found_by_an_everyday_word(): void
    {
        $this->byHand();
        $this->kind('handout', 'Class notes or handout');
        $this->type($this->field('title.main'), 'Parts of a tide mill');
        $this->sees('“Parts of a Tide Mill.” Class handout.');
    }

    public function test_how_it_was_reached_decides_which_fields_are_asked_for(): void
    {
        $this->byHand();
        $this->kind('journal', 'Journal article');
        $labels = fn (): string => $this->css('.fields')->getText();
        $this->choose('through a library database');
        $this->until(fn (): bool => str_contains($labels(), 'Database'), $labels);
        $this->choose('in print');
        $this->until(fn (): bool => ! str_contains($labels(), 'Database'), $labels);
        self::assertStringContainsString('Pages', $labels());
    }

    public function test_words_of_a_title_can_be_set_off_as_a_title_of_their_own(): void
    {
        $this->byHand();
        $title = $this->field('title.main');
        $this->type($title, 'Reading Moonpower again');
        $title->sendKeys(array_fill(0, 6, WebDriverKeys::ARROW_LEFT));
        $title->sendKeys([WebDriverKeys::SHIFT, ...array_fill(0, 9, WebDriverKeys::ARROW_LEFT)]);
        $this->button('a title of their own')->click();
        $this->until(fn (): bool => str_contains((string) $this->browser->executeScript('return document.querySelector(".sheet .e").innerHTML'), 'Moonpower'), 'The entry is there.');
        $this->until(fn (): bool => $this->browser->executeScript('return [...document.querySelectorAll(".sheet .e span")].some((one) => one.textContent === "Moonpower" && one.style.fontStyle !== "italic")') === true, 'Roman within italics.');
        $title->sendKeys(WebDriverKeys::END.' and again');
        $this->sees('Reading Moonpower Again and Again.');
        self::assertStringContainsString('Title inside it', $this->css('.marks')->getText());
    }

    public function test_the_citation_for_the_text_takes_its_place_and_its_abbreviation(): void
    {
        $this->byHand('apa-7');
        $this->browser->findElement(WebDriverBy::cssSelector('[aria-label="Kind of name, 1"]'))->click();
        $this->option('Organisation');
        $this->type($this->field('contributors.0'), 'Northmere Heritage Trust');
        $this->css('[aria-label="More about contributor 1"]')->click();
        $this->type($this->css('.rarer input[placeholder="NHT"]'), 'NHT');
        $this->type($this->field('title.main'), 'Mills');
        $this->type($this->field('containers.0.date'), '2019');
        $this->type($this->css('.cite input.ant-input'), '15-17');
        $said = fn (): string => $this->css('.cite')->getText();
        $this->until(fn (): bool => str_contains($said(), '(Northmere Heritage Trust [NHT], 2019, pp. 15–17)'), $said);
        $this->css('.cite')->findElement(WebDriverBy::xpath('.//button[contains(., "More")]'))->click();
        $this->css('.cite input[type="checkbox"]')->click();
        $this->until(fn (): bool => str_contains($said(), '(NHT, 2019, pp. 15–17)'), $said);
    }

    public function test_a_word_that_may_be_a_name_is_turned_with_one_press_and_stays_turned(): void
    {
        $this->byHand('apa-7');
        $this->type($this->field('title.main'), 'Seals of Turner');
        $this->sees('Seals of Turner. (n.d.).');
        $this->button('Write “turner”')->click();
        $this->sees('Seals of turner. (n.d.).');
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->sees('Seals of turner. (n.d.).');
    }

    public function test_a_picture_has_its_caption(): void
    {
        $this->byHand();
        $this->kind('photo', 'Photograph');
        $this->type($this->field('title.main'), 'Mill hands');
        $this->type($this->field('containers.0.date'), '1952');
        $this->type($this->css('[data-figure="words"]'), 'A wheel');
        $said = fn (): string => $this->css('[data-caption]')->getText();
        $this->until(fn (): bool => $said() === 'Fig. 1. A wheel. Mill Hands, 1952.', $said);
        $this->css('[data-caption] span')->click();
        $this->until(fn (): bool => str_contains($this->css('.cite [role="status"]')->getText(), 'MLA Handbook'), 'The piece says why it is there.');
    }

    private function byHand(string $style = 'mla-9'): void
    {
        $this->beginPaper();
        if ($style !== 'mla-9') {
            $this->browser->findElement(WebDriverBy::cssSelector('[aria-label="Style"]'))->click();
            $this->option('APA, 7th edition');
            $this->saved();
        }
        $this->button('Fill in a book by hand')->click();
        $this->css('.fields');
    }

    private function kind(string $typed, string $label): void
    {
        $box = $this->browser->findElement(WebDriverBy::cssSelector('[aria-label="Kind of source"]'));
        $box->click();
        $box->sendKeys($typed);
        $this->option($label);
    }

    private function option(string $label): void
    {
        $this->until(function () use ($label): bool {
            foreach ($this->browser->findElements(WebDriverBy::xpath("//*[contains(@class,'ant-select-item-option')][.//text()=\"{$label}\"]")) as $one) {
                if ($one->isDisplayed()) {
                    $one->click();

                    return true;
                }
            }

            return false;
        }, "No choice “{$label}”.");
    }

    private function choose(string $words): void
    {
        $this->browser->findElement(WebDriverBy::xpath("//label[contains(normalize-space(.), \"{$words}\")]"))->click();
    }
}
