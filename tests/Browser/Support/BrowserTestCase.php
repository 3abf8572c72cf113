<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/**
 * A person at a real browser. A test that fails leaves a picture and the console's log in storage/test-artifacts; an error on
 * the console fails the test by itself.
 */
abstract class BrowserTestCase extends TestCase
{
    use LooksAtThePage;
    use OverANetwork;
    use SaysWhereItIs;

    private const PATIENCE_S = 25.0; // costs nothing where the page is quick; a loaded machine may be slow

    private const DELIBERATE_S = 0.65;

    private const SPOT_PX = 40.0;

    /** @var array{float, float, float, string} where, when and on what the last press was */
    private array $pressed = [-99.0, -99.0, 0.0, ''];

    /** @var list<string> parts of console messages that the test brings about itself */
    private array $expectedOnConsole = [];

    /** @var array{int, int} of the one browser of all tests */
    private static array $window = [0, 0];

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $servers = Servers::running();
        $this->browser = $servers->browser;
        $servers->freshDatabase();
        $this->inWindow(1280, 800)->settle();
        $this->browser->get($servers->address.'/icon.svg');
        $this->browser->manage()->deleteAllCookies();
        $this->browser->executeScript('localStorage.clear(); sessionStorage.clear()');
        $this->browser->manage()->getLog('browser');
        $this->expectedOnConsole = [];
        $this->pressed = [-99.0, -99.0, 0.0, ''];
    }

    protected function tearDown(): void
    {
        $log = array_map(
            static fn (array $line): string => $line['level'].' '.$line['message'], $this->browser->manage()->getLog('browser'),
        );
        $wrong = $this->whatNoPageMayShow();
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $name = Servers::artifacts().'/'.preg_replace('/\W+/', '-', substr($this->name(), 0, 90));
            $this->browser->takeScreenshot($name.'.png');
            file_put_contents($name.'.log', $this->browser->getCurrentURL()."\n".implode("\n", $log)."\n");
        }
        parent::tearDown();
        $this->asBefore();
        $tools = $this->tools();
        $tools->execute('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
        $tools->execute('Emulation.clearDeviceMetricsOverride');
        $tools->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        $errors = array_values(
            array_filter($log, fn (string $line): bool => str_starts_with($line, 'SEVERE') && ! $this->isExpected($line)),
        );
        self::assertSame([], self::withoutOvertaken($errors), 'The console has errors.');
        self::assertSame([], $wrong, 'The page that stands last shows what none may.');
    }

    public function visit(string $path): static
    {
        $this->settle();
        $this->browser->get(Servers::running()->address.$path);

        return $this;
    }

    /** A page that lies on the device itself. */
    public function visitFile(string $file): static
    {
        $this->settle();
        $this->browser->get('file://'.$file);

        return $this;
    }

    public function reload(): static
    {
        $this->browser->navigate()->refresh();

        return $this;
    }

    /** Lets answers that are under way arrive: one that is left behind could still bring its own session’s cookie back. */
    private function settle(): void
    {
        $this->eventually(
            fn (): ?bool => $this->script('return document.querySelector(".htmx-request") === null') === true ? true : null,
            'An answer never came.',
        );
    }

    public function onPhone(): static
    {
        return $this->inWindow(390, 844);
    }

    /** In px. To set it takes a tenth of a second, also where it is so already. */
    public function inWindow(int $width, int $height): static
    {
        if (self::$window !== [$width, $height]) {
            $this->browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
            self::$window = [$width, $height];
        }

        return $this;
    }

    public function inTheme(string $theme): static
    {
        $this->visit('/icon.svg');
        $this->browser->manage()->addCookie(['name' => 'theme', 'value' => $theme, 'path' => '/']);

        return $this;
    }

    /** The console may say this: the test gives bad input on purpose. */
    public function expectOnConsole(string $part): static
    {
        $this->expectedOnConsole[] = $part;

        return $this;
    }

    public function find(string $selector): RemoteWebElement
    {
        return $this->eventually(
            fn (): ?RemoteWebElement => $this->browser->findElements(WebDriverBy::cssSelector($selector))[0] ?? null,
            "No {$selector} on the page.",
        );
    }

    /** A press that is meant: a second one on the same spot comes no sooner than a trembling hand's would have. */
    public function click(string $selector): static
    {
        $element = $this->find($selector);
        [$x, $y] = $this->settled($element);
        [$lastX, $lastY, $at, $last] = $this->pressed;
        if ($last === $selector || hypot($x - $lastX, $y - $lastY) < self::SPOT_PX) {
            usleep((int) max(0, 1e6 * ($at + self::DELIBERATE_S - microtime(true))));
        }
        // What is on its way to be shown is waited for, as a person does.
        $this->eventually(static function () use ($element): ?bool {
            try {
                $element->click();

                return true;
            } catch (ElementNotInteractableException) {
                return null;
            }
        }, "{$selector} is not there to be pressed.");
        $this->pressed = [(float) $x, (float) $y, microtime(true), $selector];

        return $this;
    }

    /**
     * Brings it into view and waits until it moves no more: a late letter or picture pushes a page about on a loaded machine.
     *
     * @return array{float, float} its middle
     */
    public function settled(RemoteWebElement $element): array
    {
        $middle = fn (): array => array_map(floatval(...), (array) $this->script(
            'arguments[0].scrollIntoView({block: "center"}); const box = arguments[0].getBoundingClientRect(); return [box.left + box.width / 2, box.top + box.height / 2]', $element,
        ));
        for ($was = $middle(), $looks = 0; $looks < 25; $looks++, $was = $now) {
            usleep(30000);
            $now = $middle();
            if ($now === $was) {
                break;
            }
        }

        return [$was[0], $was[1]];
    }

    /** Two presses as fast as they can come. */
    public function doubleClick(string $selector): static
    {
        $this->settled($element = $this->find($selector));
        $this->browser->action()->doubleClick($element)->perform();

        return $this;
    }

    /** Types over what stands in a field, and leaves it. */
    public function type(string $selector, string $text): static
    {
        $field = $this->find($selector);
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$field]);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text === '' ? WebDriverKeys::DELETE : $text);
        $field->sendKeys(WebDriverKeys::TAB);

        return $this;
    }

    public function choose(string $selector, string $value): static
    {
        $this->script(
            'const s = document.querySelector(arguments[0]); s.value = arguments[1]; s.dispatchEvent(new Event("change", {bubbles: true}))',
            $selector, $value,
        );

        return $this;
    }

    public function press(string ...$keys): static
    {
        // Right after a page has come, what has the focus may not take keys yet.
        $this->eventually(function () use ($keys): ?bool {
            try {
                $this->browser->getKeyboard()->sendKeys($keys);

                return true;
            } catch (ElementNotInteractableException) {
                return null;
            }
        }, 'Nothing takes the keys.');

        return $this;
    }

    public function text(string $selector): string
    {
        return (string) $this->read($selector, static fn (RemoteWebElement $element): string => $element->getText());
    }

    public function value(string $selector): string
    {
        return (string) $this->read($selector, static fn (RemoteWebElement $element): ?string => $element->getAttribute('value'));
    }

    /** An answer of the server may put another in its place between finding and reading: then that one is read. */
    private function read(string $selector, callable $of): ?string
    {
        $found = $this->eventually(function () use ($selector, $of): ?array {
            try {
                return [$of($this->find($selector))];
            } catch (StaleElementReferenceException) {
                return null;
            }
        }, "{$selector} does not hold still.");

        return $found[0];
    }

    public function seesIn(string $selector, string $text): static
    {
        $this->eventually(function () use ($selector, $text): ?bool {
            $found = $this->script('return document.querySelector(arguments[0])?.textContent.replace(/\s+/g, " ").trim() ?? ""', $selector);

            return is_string($found) && str_contains($found, $text) ? true : null;
        }, "“{$text}” does not come up in {$selector}.");
        self::assertTrue(true);

        return $this;
    }

    /** @param  string  $what  mousePressed, mouseMoved or mouseReleased, at a place of the window in px */
    public function mouse(string $what, float $x, float $y): static
    {
        $this->tools()->execute('Input.dispatchMouseEvent', [
            'type' => $what, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => $what === 'mouseReleased' ? 0 : 1, 'clickCount' => 1,
        ]);

        return $this;
    }

    public function tools(): ChromeDevToolsDriver
    {
        return new ChromeDevToolsDriver($this->browser);
    }

    /** A script that says itself when it is done, by its last argument. */
    public function browserScript(string $script): mixed
    {
        $this->browser->manage()->timeouts()->setScriptTimeout(120);

        return $this->browser->executeAsyncScript($script);
    }

    public function script(string $script, mixed ...$arguments): mixed
    {
        return $this->browser->executeScript($script, $arguments);
    }

    /**
     * @template T
     *
     * @param  callable(): (T|null)  $look
     * @return T
     */
    public function eventually(callable $look, string $otherwise): mixed
    {
        $until = microtime(true) + self::PATIENCE_S;
        do {
            try {
                $found = $look();
            } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException) {
                $found = null;
            }
            if ($found !== null) {
                return $found;
            }
            usleep(40000);
        } while (microtime(true) < $until);
        self::fail($otherwise.' '.$this->whatStandsThere());
    }

    /**
     * A request that a newer one overtook is called off, as it should be; htmx reports that in two lines, as if it were an error. On a loaded
     * machine it happens to anyone who types on.
     *
     * @param  list<string>  $errors
     * @return list<string>
     */
    private static function withoutOvertaken(array $errors): array
    {
        $left = [];
        foreach ($errors as $line) {
            if (str_contains($line, '"htmx:sendAbort') && str_contains((string) end($left), '"htmx:afterRequest')) {
                array_pop($left);
            } else {
                $left[] = $line;
            }
        }

        return $left;
    }

    private function isExpected(string $line): bool
    {
        foreach ($this->expectedOnConsole as $part) {
            if (str_contains($line, $part)) {
                return true;
            }
        }

        return false;
    }
}
