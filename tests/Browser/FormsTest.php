<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/** The forms: finding the kind, how the source was reached, names, titles, and the citation for the text. */
final class FormsTest extends BrowserTestCase
{
    public function test_a_kind_is_found_by_an_everyday_word(): void
    {
        $this->begin();
        $this->kind('handout', 'Class notes or handout');
        $this->type($this->field('title.main'), 'Parts of a tide mill');
        $this->sees('“Parts of a Tide Mill.” Class handout.');
    }

    public function test_how_it_was_reached_decides_which_fields_are_asked_for(): void
    {
        $this->begin();
        $this->kind('journal', 'Journal article');
        $labels = fn (): string => $this->css('[data-form]')->getText();
        $reached = new WebDriverSelect($this->css('[data-reached]'));
        $reached->selectByValue('database');
        $this->until(fn (): bool => str_contains($labels(), 'Database'), $labels);
        $reached->selectByValue('print');
        $this->until(fn (): bool => ! str_contains($labels(), 'Database'), $labels);
        self::assertStringContainsString('Pages', $labels());
    }

    public function test_words_of_a_title_can_be_set_off_as_a_title_of_their_own(): void
    {
        $this->begin();
        $title = $this->field('title.main');
        $this->type($title, 'Reading Moonpower again');
        $title->sendKeys(array_fill(0, 6, WebDriverKeys::ARROW_LEFT));
        $title->sendKeys([WebDriverKeys::SHIFT, ...array_fill(0, 9, WebDriverKeys::ARROW_LEFT)]);
        $this->button('a title of their own')->click();
        $this->until(fn (): bool => str_contains((string) $this->browser->executeScript('return document.querySelector("[data-sheet] [data-stop]").innerHTML'), 'Moonpower'), 'The entry is there.');
        $this->until(fn (): bool => $this->browser->executeScript('return [...document.querySelectorAll("[data-sheet] [data-stop] span")].some((one) => one.textContent === "Moonpower" && one.style.fontStyle !== "italic")') === true, 'Roman within italics.');
        $title->sendKeys(WebDriverKeys::END.' and again');
        $this->sees('Reading Moonpower Again and Again.');
        self::assertStringContainsString('Title inside it', $this->css('[data-row="title.main"]')->getText());
    }

    public function test_the_citation_for_the_text_takes_its_place_and_its_abbreviation(): void
    {
        $this->begin('APA, 7th edition');
        $this->css('[aria-label="More about person 1"]')->click();
        (new WebDriverSelect($this->css('[aria-label="Kind of name, 1"]')))->selectByVisibleText('Group');
        $this->type($this->field('contributors.0'), 'Northmere Heritage Trust');
        $this->type($this->css('input[placeholder="NHT"]'), 'NHT');
        $this->type($this->field('title.main'), 'Mills');
        $this->type($this->field('containers.0.date'), '2019');
        $this->type($this->css('[aria-label="Place in the source"]'), '15-17');
        $said = fn (): string => $this->css('[data-in-text]')->getText();
        $this->until(fn (): bool => str_contains($said(), '(Northmere Heritage Trust [NHT], 2019, pp. 15–17)'), $said);
        $this->css('[data-in-text]')->findElement(WebDriverBy::xpath('.//button[contains(., "More")]'))->click();
        $this->css('[data-in-text] input[type="checkbox"]')->click();
        $this->until(fn (): bool => str_contains($said(), '(NHT, 2019, pp. 15–17)'), $said);
    }

    public function test_a_word_that_may_be_a_name_is_turned_with_one_press_and_stays_turned(): void
    {
        $this->begin('APA, 7th edition');
        $this->type($this->field('title.main'), 'Seals of Turner');
        $this->sees('Seals of Turner. (n.d.).');
        $this->css('[data-held="Turner"]')->click();
        $this->sees('Seals of turner. (n.d.).');
        $this->saved();
        $this->browser->navigate()->refresh();
        $this->sees('Seals of turner. (n.d.).');
    }

    public function test_a_picture_has_its_caption(): void
    {
        $this->begin();
        $this->kind('photo', 'Photograph');
        $this->type($this->field('title.main'), 'Mill hands');
        $this->type($this->field('containers.0.date'), '1952');
        $this->type($this->css('[data-figure="words"]'), 'A wheel');
        $said = fn (): string => $this->css('[data-caption]')->getText();
        $this->until(fn (): bool => $said() === 'Fig. 1. A wheel. Mill Hands, 1952.', $said);
        $this->css('[data-caption] span')->click();
        $this->until(fn (): bool => str_contains($this->css('section[aria-label="Under the picture"]')->getText(), 'MLA Handbook'), 'The piece says why it is there.');
    }

    private function begin(string $style = 'MLA, 9th edition'): void
    {
        $this->beginPaper();
        $this->chooseStyle($style);
        $this->saved();
        $this->byHand('book');
    }

    private function kind(string $typed, string $label): void
    {
        $this->css('[data-kind-button]')->click();
        $this->css('[data-kind-search]')->sendKeys($typed);
        $this->found(WebDriverBy::xpath("//button[@data-kind][contains(., \"{$label}\")]"))->click();
    }
}
