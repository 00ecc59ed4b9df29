<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use Throwable;

/** Drives the real interface in headless Chromium, at 1280x800, and a second one at 390; one session of each for all tests. */
abstract class BrowserCase extends TestCase
{
    /** Seconds to wait for what must come; long, so that a busy machine fails no test. */
    private const PATIENCE = 90;

    private const DESK = [1280, 800];
    private const PHONE = [390, 844];

    /** @var array<string, RemoteWebDriver> */
    private static array $drivers = [];
    private static string $at = 'desk';

    public static function driver(): RemoteWebDriver
    {
        return self::$drivers[self::$at] ??= self::session(
            self::$at,
            ...self::$at === 'phone' ? self::PHONE : self::DESK,
        );
    }

    /** Does something in a second browser of the builder's, as wide as a phone. */
    protected function onPhone(Closure $do): void
    {
        self::$at = 'phone';
        try {
            $do();
        } finally {
            self::$at = 'desk';
        }
    }

    /** Kills the browser at hand as a crash would, and opens it again with what its disk had kept. */
    protected function killBrowser(): void
    {
        $name = self::$at;
        exec('pkill -KILL -f ' . escapeshellarg("chiralex-browser-{$name}-" . getmypid()));
        usleep(800_000);
        self::$drivers[$name] = self::session($name, ...$name === 'phone' ? self::PHONE : self::DESK);
    }

    /** Cuts or restores the connection of the browser at hand. */
    protected function connection(bool $there): void
    {
        $tools = new ChromeDevToolsDriver(self::driver());
        $tools->execute('Network.enable', ['maxTotalBufferSize' => 1]);
        $tools->execute('Network.emulateNetworkConditions', [
            'offline' => !$there,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    private static function session(string $name, int $width, int $height): RemoteWebDriver
    {
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-dev-shm-usage',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-default-apps',
            '--disable-extensions',
            '--force-device-scale-factor=1',
            '--hide-scrollbars',
            "--window-size={$width},{$height}",
            '--force-prefers-reduced-motion',
            '--user-data-dir=' . sys_get_temp_dir() . "/chiralex-browser-{$name}-" . getmypid(),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create((string) getenv('DRIVER_URL'), $capabilities, 60_000, 180_000);
        $driver->manage()->timeouts()->setScriptTimeout(120);
        (new ChromeDevToolsDriver($driver))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => false,
        ]);
        register_shutdown_function(static function () use ($driver): void {
            try {
                $driver->quit();
            } catch (WebDriverException) {
                // It was killed.
            }
        });

        return $driver;
    }

    /** A command of the installation that is tested, with what is typed into it. */
    protected static function artisan(string $typed, string ...$words): void
    {
        $root = dirname(__DIR__, 2);
        $command = implode(' ', array_map(escapeshellarg(...), ['php', "{$root}/artisan", ...$words]));
        exec('printf "%s\n" ' . escapeshellarg($typed) . " | {$command} 2>&1", $said, $code);
        self::assertSame(0, $code, implode("\n", $said));
    }

    /** A failing test leaves pictures of its browsers in var/browser-failure-*.png. */
    protected function onNotSuccessfulTest(Throwable $t): never
    {
        foreach (self::$drivers as $name => $driver) {
            $driver->takeScreenshot(dirname(__DIR__, 2) . "/var/browser-failure-{$name}.png");
        }
        self::$at = 'desk';

        throw $t;
    }

    protected function open(string $path): void
    {
        self::driver()->get(getenv('BROWSER_URL') . $path);
    }

    protected function signIn(string $email = 'maker@saltmarsh.example', string $password = 'saltmarsh'): void
    {
        self::driver()->manage()->deleteAllCookies();
        $this->open('/sign-in');
        $this->find('#email')->sendKeys($email);
        $this->find('#password')->sendKeys($password . WebDriverKeys::ENTER);
        $this->text('main h1', 'Shelf');
    }

    protected function find(string $css): RemoteWebElement
    {
        /** @var RemoteWebElement */
        return self::driver()
            ->wait(self::PATIENCE, 50)
            ->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($css)), "no {$css}");
    }

    /** Waits until an element that matches holds the text. */
    protected function text(string $css, string $text): RemoteWebElement
    {
        $this->addToAssertionCount(1);

        /** @var RemoteWebElement */
        return self::driver()
            ->wait(self::PATIENCE, 50)
            ->until(static function (RemoteWebDriver $driver) use ($css, $text): ?RemoteWebElement {
                $index = $driver->executeScript(
                    'return [...document.querySelectorAll(arguments[0])].findIndex(e => e.textContent.includes(arguments[1]))',
                    [$css, $text],
                );

                return $index < 0 ? null : $driver->findElements(WebDriverBy::cssSelector($css))[$index] ?? null;
            }, "no {$css} with \"{$text}\"; the page says: " .
                mb_substr((string) self::driver()->executeScript('return document.body.innerText'), 0, 600));
    }

    /** Waits until an element that matches holds the text and can be used. */
    protected function ready(string $css, string $text): RemoteWebElement
    {
        /** @var RemoteWebElement */
        return self::driver()
            ->wait(self::PATIENCE, 50)
            ->until(static function (RemoteWebDriver $driver) use ($css, $text): ?RemoteWebElement {
                $index = $driver->executeScript(
                    'return [...document.querySelectorAll(arguments[0])].findIndex(e => e.textContent.includes(arguments[1]) && !e.matches(":disabled") && !e.closest("select:disabled"))',
                    [$css, $text],
                );

                return $index < 0 ? null : $driver->findElements(WebDriverBy::cssSelector($css))[$index] ?? null;
            }, "no {$css} with \"{$text}\" that can be used; the page says: " .
                mb_substr((string) self::driver()->executeScript('return document.body.innerText'), 0, 600));
    }

    /** Clicks what can be clicked; what is drawn anew or covered in that moment is looked for again. */
    protected function click(string $css, string $text): void
    {
        self::driver()
            ->wait(self::PATIENCE, 50)
            ->until(function () use ($css, $text): bool {
                try {
                    $element = $this->ready($css, $text);
                    self::driver()->executeScript('arguments[0].scrollIntoView({block: "nearest"})', [$element]);
                    $element->click();

                    return true;
                } catch (ElementClickInterceptedException) {
                    self::driver()->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);

                    return false;
                } catch (StaleElementReferenceException | ElementNotInteractableException) {
                    return false;
                }
            }, "{$css} with \"{$text}\" could not be clicked");
    }

    protected function gone(string $css): void
    {
        self::driver()
            ->wait(self::PATIENCE, 50)
            ->until(
                static fn(RemoteWebDriver $driver): bool => $driver->findElements(WebDriverBy::cssSelector($css)) ===
                    [],
                "{$css} is still there",
            );
    }

    /** Replaces what a field holds and commits it with Enter. */
    /** Writes over what a field holds; with Enter behind it unless the field has a form of its own. */
    protected function write(string $css, string $text, bool $enter = true): void
    {
        $field = $this->find($css);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text . ($enter ? WebDriverKeys::ENTER : ''));
    }

    /** Drops files on the page as from the desktop. @param array<string, string> $files name to content */
    protected function drop(string $css, array $files): void
    {
        $this->find($css);
        self::driver()->executeScript(
            'const data = new DataTransfer(); for (const [name, bytes] of Object.entries(arguments[1])) data.items.add(new File([Uint8Array.from(atob(bytes), c => c.charCodeAt(0))], name, {type: "text/csv"})); const at = document.querySelector(arguments[0]); for (const type of ["dragenter", "dragover", "drop"]) at.dispatchEvent(new DragEvent(type, {bubbles: true, cancelable: true, dataTransfer: data}));',
            [$css, array_map(base64_encode(...), $files)],
        );
    }

    /** Keys that go to the page, not to a field. */
    protected function press(string ...$keys): void
    {
        foreach ($keys as $key) {
            self::driver()->findElement(WebDriverBy::tagName('body'))->sendKeys($key);
        }
    }

    /** The bytes of a file that the signed-in person can fetch. */
    protected function fetched(string $path): string
    {
        $code =
            'const done = arguments[1]; fetch(arguments[0]).then(r => r.arrayBuffer()).then(b => { let s = ""; for (const c of new Uint8Array(b)) s += String.fromCharCode(c); done(btoa(s)); });';

        return (string) base64_decode((string) self::driver()->executeAsyncScript($code, [$path]), true);
    }

    /** No serious finding of axe-core on the page once nothing fades in any more. */
    protected function assertAccessible(string $room): void
    {
        self::driver()->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2) . '/node_modules/axe-core/axe.min.js'),
        );
        $found = self::driver()->executeAsyncScript(
            'const done = arguments[0]; const still = new Promise(r => setTimeout(r, 5000)); Promise.race([still, Promise.allSettled(document.getAnimations().map(a => a.finished))]).then(() => axe.run(document, {resultTypes: ["violations"]}).then(r => done(r.violations.filter(v => ["serious", "critical"].includes(v.impact)).map(v => v.id + ": " + v.nodes.slice(0, 3).map(n => n.html.slice(0, 120)).join(" | ")))))',
        );
        self::assertSame([], $found, $room);
    }
}
