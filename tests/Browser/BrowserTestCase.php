<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;

/** The real application on a store of its own, driven in a headless Chromium. */
abstract class BrowserTestCase extends TestCase
{
    protected const NOW = '2026-11-26T17:30:00+01:00';
    protected const WAIT_SECONDS = 30.0;
    /** Whether the house has cooked for a year; most look at a new one. */
    protected const WITH_YEAR = false;

    protected static ChromeDriver $driver;
    protected static string $address;
    /** @var resource */
    private static mixed $server;
    private static string $folder;
    private static int $port;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/pausis-browser-'.getmypid().'-'.bin2hex(random_bytes(3));
        mkdir(self::$folder, recursive: true);
        \assert(\is_string(static::NOW));
        self::at(static::NOW);
        self::$port = self::freePort();
        self::$address = 'http://127.0.0.1:'.self::$port;
        self::serve('--fresh');
        self::$driver = self::browser();
    }

    /** The application under its own address, on the store as it is or a fresh one. */
    protected static function serve(string ...$options): void
    {
        $root = \dirname(__DIR__, 2);
        $server = proc_open(
            ['setsid', "$root/bin/demo", ...array_values($options), '--port', (string) self::$port, '--data', self::$folder.'/data'],
            [
                ['file', '/dev/null', 'r'], ['file', self::$folder.'/server.log', 'a'], ['file', self::$folder.'/server.log', 'a'],
            ], $pipes, $root,
            [
                'PAUSIS_NOW' => 'file:'.self::$folder.'/now', ...(static::WITH_YEAR ? [] : ['PAUSIS_WITHOUT_YEAR' => 'yes']),
                'PATH' => (string) getenv('PATH'), 'HOME' => (string) getenv('HOME'),
            ]);
        self::assertIsResource($server);
        self::$server = $server;
        self::waitFor(
            static fn (): bool => false !== @file_get_contents(self::$address.'/api/house'), 120,
            'the server; '.self::$folder.'/server.log',
        );
    }

    /** Nothing answers any more until it serves again. */
    protected static function stopServer(): void
    {
        posix_kill(-proc_get_status(self::$server)['pid'], \SIGTERM);
        proc_close(self::$server);
        self::waitFor(static fn (): bool => false === @file_get_contents(self::$address.'/api/house'), self::WAIT_SECONDS, 'silence');
    }

    /** The server's clock, from now on. */
    protected static function at(string $moment): void
    {
        // Whole at any time: the server reads it as it likes.
        file_put_contents(self::$folder.'/next', $moment);
        rename(self::$folder.'/next', self::$folder.'/now');
    }

    public static function tearDownAfterClass(): void
    {
        self::$driver->quit();
        if (\is_resource(self::$server)) {
            posix_kill(-proc_get_status(self::$server)['pid'], \SIGTERM);
            proc_close(self::$server);
        }
        exec('rm -rf '.escapeshellarg(self::$folder));
    }

    protected function setUp(): void
    {
        $this->resize(1280, 800);
        self::$driver->manage()->getLog('browser');
    }

    protected function open(string $path): void
    {
        self::$driver->get(self::$address.$path);
    }

    /** A braise by some words of its name, at one of its places. */
    protected function openBraise(string $title, string $place): string
    {
        if (!str_starts_with((string) self::$driver->getCurrentURL(), self::$address)) {
            $this->open('/cautions');
        }
        // What is on its way when the page is left arrives, but is asked about once more, and the console says so.
        $this->dontSee('keeping …');
        $id = self::$driver->executeAsyncScript(
            'const [title, done] = arguments; fetch("/api/braises").then((r) => r.json()).then((all) => done(all.find((b) =>'
                .' b.title.includes(title))?.id ?? ""));',
            [$title],
        );
        self::assertIsString($id);
        $this->open("/braises/$id/$place");
        $this->find("//*[@data-testid='verdict']", false);

        return $id;
    }

    /** Another place of the braise that is open. */
    protected function go(string $place): void
    {
        $link = "//nav[@aria-label='Places of the braise']//a[normalize-space()='$place']";
        $this->click($link);
        $this->find($link."[@aria-current='page']");
    }

    /** As somebody sees it, who has scrolled nowhere since. */
    protected function isInView(string $selector): bool
    {
        return true === self::$driver->executeScript(
            'return [...document.querySelectorAll(arguments[0])].some((e) => { const r = e.getBoundingClientRect(); return r.width > 0 &&'
                .' r.top < innerHeight && r.bottom > 0; });',
            [$selector],
        );
    }

    protected function resize(int $width, int $height): void
    {
        $this->devTools(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        );
    }

    /** @param array<string, mixed> $parameters */
    protected function devTools(string $command, array $parameters): void
    {
        self::$driver->executeCustomCommand(
            '/session/:sessionId/goog/cdp/execute', 'POST', ['cmd' => $command, 'params' => (object) $parameters],
        );
    }

    /** The control with this label, as a screen reader would name it. */
    protected function field(string $label): RemoteWebElement
    {
        return $this->find(self::labelled($label));
    }

    protected static function labelled(string $label): string
    {
        $quoted = '"'.$label.'"';

        return "//*[self::input or self::select or self::textarea][@aria-label=$quoted or @id=//label[normalize-space()=$quoted]/@for]";
    }

    protected function assertHolds(string $label, string $value): void
    {
        self::waitFor(fn (): bool => $value === $this->valueOf($label), self::WAIT_SECONDS, "$label to hold “{$value}”");
        $this->addToAssertionCount(1);
    }

    protected function valueOf(string $label): ?string
    {
        return $this->act(self::labelled($label), static function (RemoteWebElement $field): ?string {
            $value = $field->getDomProperty('value');

            return \is_string($value) ? $value : null;
        });
    }

    protected function type(string $label, string $text): void
    {
        $this->act(self::labelled($label), function (RemoteWebElement $field) use ($text): void {
            $this->centre($field);
            $field->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $field->sendKeys('' === $text ? WebDriverKeys::BACKSPACE : $text);
        });
    }

    /** A day, YYYY-MM-DD, from the sheet of its month. */
    protected function pickDay(string $label, string $day): void
    {
        $this->click("//button[@aria-haspopup='dialog'][starts-with(normalize-space(), '$label:')]");
        $sheet = "//*[@role='grid']";
        $this->find($sheet);
        for ($k = 0; $k < 12 && [] === self::$driver->findElements(WebDriverBy::xpath("//td[@data-day='$day']//button")); ++$k) {
            $this->click("//button[starts-with(@aria-label, 'Go to the Next Month')]");
        }
        $this->click("//td[@data-day='$day']//button");
        self::waitFor(
            static fn (): bool => [] === self::$driver->findElements(WebDriverBy::xpath($sheet)), self::WAIT_SECONDS, 'it closes',
        );
    }

    protected function choose(string $label, string $option): void
    {
        $this->click(self::labelled($label)."//option[normalize-space()=\"$option\"]");
    }

    protected function press(string $name): void
    {
        $quoted = '"'.$name.'"';
        $this->act(
            "//*[self::button or self::a or self::summary][@aria-label=$quoted or normalize-space()=$quoted"
                ." or starts-with(normalize-space(), $quoted) or"
                ." starts-with(@aria-label, $quoted)]",
            function (RemoteWebElement $button): void {
                $this->centre($button);
                $button->click();
            },
        );
    }

    protected function click(string $xpath): void
    {
        $this->act($xpath, function (RemoteWebElement $element): void {
            $this->centre($element);
            $element->click();
        });
    }

    /**
     * Does something with what is at a path: with what is there now, where the page was drawn anew between the look and the act.
     *
     * @template T
     *
     * @param callable(RemoteWebElement): T $do
     *
     * @return T
     */
    protected function act(string $xpath, callable $do): mixed
    {
        $done = [];
        self::waitFor(function () use ($xpath, $do, &$done): bool {
            $done = [$do($this->find($xpath))];

            return true;
        }, self::WAIT_SECONDS, $xpath);

        return $done[0];
    }

    /** Opens a menu and takes one of its items. */
    protected function pick(string $menu, string $item): void
    {
        $this->press($menu);
        $this->click("//*[@role='menuitem'][normalize-space()=\"$item\"]");
    }

    protected function pressWithAlt(string $key, string $code): void
    {
        $this->hold($key, $code, 1);
    }

    /** A key as long as a finger holds it: the drivers' own keys are up again before the page has drawn once. */
    protected function hold(string $key, string $code, int $modifiers = 0): void
    {
        foreach (['rawKeyDown', 'keyUp'] as $type) {
            $this->devTools('Input.dispatchKeyEvent', ['type' => $type, 'modifiers' => $modifiers, 'key' => $key, 'code' => $code]);
            usleep(80_000);
        }
    }

    /** Takes an element by its middle and lets it go some pixels away, the button held. */
    protected function drag(string $xpath, int $right, int $down): void
    {
        /** @var array{float, float} $middle */
        $middle = $this->act($xpath, function (RemoteWebElement $element): mixed {
            $this->centre($element);

            return self::$driver->executeScript(
                'const r = arguments[0].getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2];', [$element],
            );
        });
        $mouse = fn (string $type, float $share) => $this->devTools('Input.dispatchMouseEvent', [
            'type' => $type, 'x' => $middle[0] + $share * $right, 'y' => $middle[1] + $share * $down, 'button' => 'left', 'buttons' => 1,
            'clickCount' => 1,
        ]);
        $mouse('mousePressed', 0);
        $mouse('mouseMoved', 0.5);
        $mouse('mouseMoved', 1);
        $mouse('mouseReleased', 1);
    }

    /** To the middle of the window, where it stands still. */
    private function centre(RemoteWebElement $element): void
    {
        do {
            $before = $place ?? null;
            $place = self::$driver->executeScript(
                'arguments[0].scrollIntoView({block: "center", behavior: "instant"}); return arguments[0].getBoundingClientRect().top',
                [$element],
            );
            usleep(60_000);
        } while ($before !== $place);
    }

    protected function find(string $xpath, bool $displayed = true): RemoteWebElement
    {
        $found = null;
        self::waitFor(static function () use ($xpath, $displayed, &$found): bool {
            $found = self::$driver->executeScript(
                'const found = document.evaluate(arguments[0], document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);'
                    .' for (let i = 0; i < found.snapshotLength; i++) { const e = found.snapshotItem(i);'
                    .' const box = e.closest("select") ?? e;'
                    .' if (!arguments[1] || (box.checkVisibility({visibilityProperty: true, opacityProperty: true}) &&'
                    .' box.getClientRects().length > 0)) return e; } return null;',
                [$xpath, $displayed],
            );

            return null !== $found;
        }, self::WAIT_SECONDS, $xpath);
        \assert(\is_array($found) && \is_string(current($found)));

        return new RemoteWebElement(new RemoteExecuteMethod(self::$driver), current($found), true);
    }

    protected function see(string $text): void
    {
        self::waitFor(fn (): bool => str_contains($this->pageText(), $text), self::WAIT_SECONDS, "“{$text}”");
        $this->addToAssertionCount(1);
    }

    protected function dontSee(string $text): void
    {
        self::waitFor(fn (): bool => !str_contains($this->pageText(), $text), self::WAIT_SECONDS, "no “{$text}”");
        $this->addToAssertionCount(1);
    }

    protected function seeKept(): void
    {
        usleep(400_000);
        $this->see('kept');
        $this->dontSee('keeping …');
        $this->dontSee('sent later');
    }

    protected function textOf(string $testId): string
    {
        $this->find("//*[@data-testid='$testId']", false);
        $text = self::$driver->executeScript('return document.querySelector(`[data-testid="${arguments[0]}"]`)?.textContent', [$testId]);

        return \is_string($text) ? trim($text) : '';
    }

    protected function seeChange(string $testId, string $before): string
    {
        self::waitFor(fn (): bool => $this->textOf($testId) !== $before, self::WAIT_SECONDS, "$testId to change from “{$before}”");

        return $this->textOf($testId);
    }

    protected function pageText(): string
    {
        $text = self::$driver->executeScript('return document.body.innerText');

        return \is_string($text) ? $text : '';
    }

    /** What axe finds on the page as it stands, and what the console says: nothing. */
    protected function assertSound(): void
    {
        $axe = \dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js';
        self::$driver->executeScript((string) file_get_contents($axe));
        $violations = self::$driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {resultTypes: ["violations"]}).then((r) => done(r.violations.map((v) =>'
                .' `${v.id}: ${v.nodes.map((n) => n.html.slice(0, 160)).join(" | ")}`)));',
        );
        self::assertSame([], $violations);
        $this->assertConsoleClean();
    }

    protected function assertConsoleClean(): void
    {
        self::assertSame([], array_column(self::$driver->manage()->getLog('browser'), 'message'));
    }

    /** @param callable(): bool $condition */
    protected static function waitFor(callable $condition, float $seconds, string $what): void
    {
        // Looking takes of the time that the page needs: ever more seldom.
        for ([$until, $pause] = [microtime(true) + $seconds, 40_000]; microtime(true) < $until; usleep($pause)) {
            $pause = min(200_000, (int) ($pause * 1.3));
            try {
                if ($condition()) {
                    return;
                }
            } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException) {
                // The page was drawn anew meanwhile; look again.
            }
        }
        if (isset(self::$driver)) {
            self::$driver->takeScreenshot(\dirname(__DIR__, 2).'/var/browser-failure-'.md5($what).'.png');
        }
        self::fail("Waited $seconds s for $what; the page is in var/browser-failure-".md5($what).'.png');
    }

    private static function browser(): ChromeDriver
    {
        $options = new ChromeOptions();
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--lang=en-GB', '--window-size=1280,943',
            '--user-data-dir='.self::$folder.'/profile',
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $port = self::freePort();
        $driver = ChromeDriver::start($capabilities, new ChromeDriverService('/usr/bin/chromedriver', $port, ["--port=$port"]));
        $driver->manage()->timeouts()->setScriptTimeout(20);

        return $driver;
    }

    private static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        \assert(false !== $socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
