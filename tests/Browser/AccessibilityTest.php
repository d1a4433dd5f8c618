<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Every screen against WCAG 2.2 A and AA, as far as a program can tell (axe-core). */
final class AccessibilityTest extends BrowserTestCase
{
    public function test_the_papers_list(): void
    {
        $this->visit('/');
        $this->css('.papers li');
        $this->assertAccessible();
    }

    public function test_a_paper_without_sources(): void
    {
        $this->beginPaper();
        $this->assertAccessible();
    }

    public function test_a_source_with_findings_help_and_open_points(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/mill-twice-a-day');
        $this->css('.f .help')->click();
        $this->button('Show the page copy')->click();
        $this->css('.copy');
        $this->assertAccessible();
        $this->button('Course rules')->click();
        $this->css('dialog[open]');
        $this->assertAccessible();
    }

    public function test_the_list_of_sources(): void
    {
        $this->visit('/');
        $this->css('.papers li a')->click();
        $this->css('.list');
        $this->assertAccessible();
    }

    public function test_what_can_be_brought_back(): void
    {
        $this->beginPaper();
        $this->lookUp('https://www.slackwater.example/grain-by-moonlight');
        $this->type($this->field('title.main'), 'Changed');
        $this->saved();
        $this->button('Earlier states')->click();
        $this->css('.kept li');
        $this->assertAccessible();
        $this->button('Close')->click();
        $this->button('Remove this source')->click();
        $this->button('One removed source')->click();
        $this->css('.kept li');
        $this->assertAccessible();
    }

    public function test_look_ups_and_what_they_found(): void
    {
        $this->beginPaper();
        foreach (['Moonpower by Halima Brook', 'https://lanternlab.example/slow'] as $lead) {
            $this->type($this->css('[data-lead]'), $lead.WebDriverKeys::ENTER);
            $this->css('[data-lookup]');
        }
        $this->css('.candidates li');
        $this->assertAccessible();
    }

    private function assertAccessible(): void
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));
        $problems = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] })
                .then((result) => done(result.violations.map((one) => `${one.id}: ${one.help} — ${one.nodes.map((node) => node.target.join(' ') + ' ' + node.failureSummary).slice(0, 3).join(' | ')}`)))
                .catch((error) => done([String(error)]));
            JS);
        self::assertSame([], $problems);
    }
}
