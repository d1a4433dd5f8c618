<?php

declare(strict_types=1);

namespace Bibrel\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\TestCase;

/** The built interface in headless Chromium, against the instance bin/test started; each test is a new visitor. */
abstract class BrowserTestCase extends TestCase
{
    private const WAIT = 12.0;

    protected RemoteWebDriver $browser;

    private string $profile = '';

    protected function setUp(): void
    {
        [$this->browser, $this->profile] = $this->opened();
    }

    /** @return array{RemoteWebDriver, string} a browser nobody has used, and where it keeps its things */
    protected function opened(): array
    {
        $profile = sys_get_temp_dir().'/bibrel-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->setBinary('/usr/bin/chromium');
        $options->addArguments(['--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--window-size=1280,800', "--user-data-dir={$profile}", ...$this->arguments()]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = RemoteWebDriver::create((string) getenv('BIBREL_DRIVER'), $wanted, 60_000, 60_000);
        $size = ['width' => 1280, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false];
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => 'Emulation.setDeviceMetricsOverride', 'params' => (object) $size]);

        return [$browser, $profile];
    }

    /** @return list<string> what a test's browser is started with next to the usual */
    protected function arguments(): array
    {
        return [];
    }

    protected function tearDown(): void
    {
        try {
            self::assertSame([], $this->consoleErrors(), 'The browser’s console has errors.');
        } finally {
            $this->browser->quit();
            exec('rm -rf '.escapeshellarg($this->profile));
        }
    }

    /** @return list<string> the errors in the console since the last look, without answers that are refusals */
    protected function consoleErrors(): array
    {
        $errors = array_filter($this->browser->manage()->getLog('browser'), static fn (array $line): bool => $line['level'] === 'SEVERE' && ! str_contains($line['message'], 'status of 4') && preg_match('/ERR_(?:INTERNET_DISCONNECTED|CONNECTION_REFUSED)/', $line['message']) !== 1);

        return array_values(array_column($errors, 'message'));
    }

    protected function visit(string $path): void
    {
        $this->browser->get(getenv('BIBREL_URL').$path);
    }

    /** @param  array<string, mixed>  $parameters */
    protected function cdp(string $command, array $parameters = []): void
    {
        $this->browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters]);
    }

    /** Begins a paper with no sources. */
    protected function beginPaper(string $title = 'Low water'): void
    {
        $this->visit('/');
        $this->css('[data-name]')->sendKeys($title);
        $this->button('Begin the paper')->click();
        $this->css('[data-first]');
    }

    protected function lookUp(string $address): void
    {
        $this->type($this->css('[data-lead]'), $address.WebDriverKeys::ENTER);
        $this->css('[data-form]');
    }

    protected function css(string $selector): RemoteWebElement
    {
        return $this->found(WebDriverBy::cssSelector($selector));
    }

    protected function button(string $words): RemoteWebElement
    {
        return $this->found(WebDriverBy::xpath("//button[contains(normalize-space(.), \"{$words}\")]"));
    }

    protected function field(string $path): RemoteWebElement
    {
        return $this->css("[data-path=\"{$path}\"]");
    }

    /** Replaces what stands in a field, key by key. */
    protected function type(RemoteWebElement $field, string $text): void
    {
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys(WebDriverKeys::DELETE);
        $field->sendKeys($text);
    }

    /** Opens an empty form of a kind, found by a word. */
    protected function byHand(string $word): void
    {
        $this->css('[data-begin]')->click();
        $this->css('[data-kind-search]')->sendKeys($word.WebDriverKeys::ENTER);
        $this->css('[data-form]');
    }

    /** The field or other place the keyboard is at, by one of its attributes. */
    protected function active(string $attribute): string
    {
        return (string) $this->browser->switchTo()->activeElement()->getAttribute($attribute);
    }

    /** Waits until the keyboard is at a place. */
    protected function focused(string $selector, string $told): void
    {
        $this->until(fn (): bool => (bool) $this->browser->executeScript('return document.activeElement.matches(arguments[0])', [$selector]), fn (): string => $told.' It is at '.$this->browser->executeScript('return document.activeElement.outerHTML.slice(0, 160)'));
    }

    protected function keys(string ...$keys): void
    {
        $this->browser->getKeyboard()->sendKeys($keys);
    }

    protected function chooseStyle(string $label): void
    {
        (new WebDriverSelect($this->css('[data-style]')))->selectByVisibleText($label);
    }

    /** @return list<string> the entries on the sheets */
    protected function entries(): array
    {
        return $this->browser->executeScript('return [...new Map([...document.querySelectorAll("[data-page] [data-entry] [data-stop]")].map((e) '
            .'=> [e.parentElement.dataset.entry, e.textContent])).values()]');
    }

    /** Waits until the page shows these entries. */
    protected function sees(string ...$entries): void
    {
        $this->until(fn (): bool => $this->entries() === $entries, fn (): string => "wanted:\n".implode("\n", $entries)."\nshown:\n".implode("\n", $this->entries()));
    }

    /** Waits until everything is saved. */
    protected function saved(): void
    {
        $this->until(fn (): bool => $this->css('[data-saved]')->getText() === 'Saved', fn (): string => 'Still “'.$this->css('[data-saved]')->getText().'”.');
    }

    protected function until(callable $condition, callable|string $told): void
    {
        $end = microtime(true) + self::WAIT;
        do {
            try {
                if ($condition()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (StaleElementReferenceException) {
                // Drawn anew while it was being read; look again.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        self::fail(is_string($told) ? $told : $told());
    }

    protected function found(WebDriverBy $by): RemoteWebElement
    {
        $end = microtime(true) + self::WAIT;
        do {
            try {
                foreach ($this->browser->findElements($by) as $element) {
                    if ($element->isDisplayed()) {
                        return $element;
                    }
                }
            } catch (StaleElementReferenceException) {
                // Drawn anew while it was being looked at; look again.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        self::fail("Nothing visible at {$by->getValue()}.");
    }
}
