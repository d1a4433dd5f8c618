<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;

/**
 * Every screen and state against WCAG 2.2 A and AA and against best practice, as far as a program can tell (axe-core): on a
 * desk, on a phone, and on a small window as zooming makes one.
 */
final class AccessibilityTest extends BrowserTestCase
{
    private const SIZES = [[1280, 800], [390, 844], [640, 400]];

    public function test_the_papers_list(): void
    {
        $this->visit('/');
        $this->css('[data-papers] li');
        $this->assertAccessible('papers');
        $this->css('[aria-label^="Remove "]')->click();
        $this->button('Undo');
        $this->assertAccessible('papers, one removed');
        $this->button('One removed paper')->click();
        $this->css('[data-kept] li');
        $this->assertAccessible('removed papers');
    }

    public function test_a_paper_from_nothing_to_a_form(): void
    {
        $this->beginPaper();
        $this->assertAccessible('empty paper');
        $this->css('[data-begin]')->click();
        $this->css('[data-by-hand]');
        $this->assertAccessible('the question');
        $this->css('[data-kind-search]')->sendKeys('screenshot');
        $this->until(fn (): bool => str_contains($this->css('[data-by-hand]')->getText(), 'shows something else'), 'A screenshot is no kind.');
        $this->assertAccessible('a word that is no kind');
        $this->keys(WebDriverKeys::ENTER);
        $this->css('[data-form]');
        $this->assertAccessible('an empty form');
    }

    public function test_a_source_with_findings_help_and_open_points(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->css('[data-row] [aria-label^="About the field"]')->click();
        $this->css('[data-handle], [aria-label="More about person 1"]')->click();
        $this->button('Show the page')->click();
        $this->css('[data-page-copy]');
        $this->assertAccessible('a form with its page copy');
        foreach (['[data-rules]', '[data-help]'] as $opens) {
            $this->css($opens)->click();
            $this->css('dialog[open]');
            $this->assertAccessible("dialog of {$opens}");
            $this->keys(WebDriverKeys::ESCAPE);
        }
        $this->css('[data-get]')->click();
        $this->css('[role="menuitem"]');
        $this->assertAccessible('the ways out');
    }

    public function test_names_held_in_a_title_and_a_half_made_entry(): void
    {
        $this->beginPaper();
        $this->chooseStyle('APA, 7th edition');
        $this->byHand('film');
        $this->type($this->field('title.main'), 'Seals of Turner at Dawn');
        $this->css('[data-held]');
        $this->assertAccessible('held names');
        $this->css('[data-back]')->click();
        $this->css('[data-missing]');
        $this->assertAccessible('a half-made entry');
    }

    public function test_the_list_of_sources_and_what_is_chosen_of_it(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-sources]');
        $this->css('[data-source] input')->click();
        $this->css('[data-chosen]');
        $this->assertAccessible('a list with one chosen');
    }

    public function test_a_draft_with_what_is_to_be_put_right(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->css('[data-back]')->click();
        $this->css('[data-to-draft]')->click();
        $this->css('[data-draft-text]')->sendKeys('The mill ran twice (Varga-Brandt). It was sold (Harrow 12), “and nobody asked the herons” (Varga-Brandt, p. 3).');
        $this->assertAccessible('before a draft');
        $this->css('[data-give-text]')->click();
        $this->css('[data-points] [data-point]');
        $this->assertAccessible('a draft');
    }

    public function test_what_can_be_brought_back(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->type($this->field('title.main'), 'Changed');
        $this->saved();
        $this->button('Earlier states')->click();
        $this->css('[data-kept] li');
        $this->assertAccessible('earlier states');
        $this->button('Close')->click();
        $this->button('Remove this source')->click();
        $this->button('One removed source')->click();
        $this->css('[data-kept] li');
        $this->assertAccessible('removed sources');
    }

    public function test_look_ups_and_what_they_found(): void
    {
        $this->beginPaper();
        foreach (['Moonpower by Halima Brook', 'https://lanternlab.example/slow'] as $lead) {
            $this->type($this->css('[data-lead]'), $lead.WebDriverKeys::ENTER);
            $this->css('[data-lookup]');
        }
        $this->css('[data-lookup] ul li');
        $this->assertAccessible('look-ups');
    }

    public function test_account_company_and_what_is_shared(): void
    {
        $this->visit('/account');
        $this->css('[data-archive]');
        $this->assertAccessible('account of a guest');
        $this->visit('/');
        $this->css('[data-keep]')->click();
        $this->css('[data-email]');
        $this->assertAccessible('opening an account');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->css('[data-search]')->sendKeys('brook');
        $this->css('[data-found] li');
        $this->assertAccessible('found in all papers');
        $this->visit('/');
        $this->css('[data-shared-papers] a')->click();
        $this->css('[data-source]');
        $this->assertAccessible('a paper of somebody else');
        $this->css('[data-source] [data-stop]')->click();
        $this->css('[data-comment]');
        $this->assertAccessible('a source of somebody else with a comment');
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        foreach (['[data-share]', '[data-about]', '[data-hand-in]'] as $opens) {
            $this->css($opens)->click();
            $this->css('dialog[open] form, dialog[open] textarea');
            $this->assertAccessible("dialog of {$opens}");
            $this->keys(WebDriverKeys::ESCAPE);
        }
    }

    public function test_mix_notes_and_courses(): void
    {
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-to-mix]')->click();
        $this->css('[data-each]');
        $this->assertAccessible('mix');
        $this->css('[data-back]')->click();
        $this->css('[data-to-notes]')->click();
        $this->css('[data-note]');
        $this->assertAccessible('notes');
        (new WebDriverSelect($this->css('[data-note-order]')))->selectByIndex(2);
        $this->css('[data-steps]');
        $this->assertAccessible('notes in their own order');
        $this->visit('/courses');
        $this->css('[data-courses] a');
        $this->assertAccessible('courses');
        $this->css('[data-courses] a')->click();
        $link = $this->css('[data-course-link]')->getText();
        $this->assertAccessible('a course');
        $this->css('[data-course-papers] a')->click();
        $this->css('[data-handed-in] [data-say]');
        $this->assertAccessible('what was handed in');
        $this->browser->get($link);
        $this->css('[data-begin-for-course]');
        $this->assertAccessible('a course for its students');
    }

    public function test_the_desk_at_night(): void
    {
        $this->cdp('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']]]);
        $this->visit('/');
        $this->css('[data-papers] li');
        $this->assertAccessible('papers at night');
        $this->css('[data-papers] a')->click();
        $this->css('[data-source] [data-stop]')->click();
        $this->css('[data-form]');
        $this->css('[data-get]')->click();
        $this->css('[role="menuitem"]');
        $this->assertAccessible('a form at night');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->visit('/');
        $this->css('[data-papers] a')->click();
        $this->css('[data-to-mix]')->click();
        $this->css('[data-each]');
        $this->assertAccessible('mix at night');
    }

    private function assertAccessible(string $view): void
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $problems = [];
        foreach (self::SIZES as [$width, $height]) {
            $this->cdp('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
            $found = $this->browser->executeAsyncScript(<<<'JS'
                const done = arguments[0];
                requestAnimationFrame(() => requestAnimationFrame(() => axe.run(document, { resultTypes: ['violations'], runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] })
                    .then((result) => done(result.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(' ') + ' ' + node.failureSummary.slice(0, 200)).slice(0, 3).join(' | ')}`)))
                    .catch((error) => done([String(error)]))));
                JS);
            array_push($problems, ...array_map(static fn (string $one): string => "{$view} at {$width}x{$height}: {$one}", $found));
        }
        $this->cdp('Emulation.setDeviceMetricsOverride', ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false]);
        self::assertSame([], $problems);
    }
}
