<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Database\Seeders\Demo\DemoAccounts;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;
use Throwable;

/**
 * A headless Chromium of our own, driven the way a person would: by what is written on the page, and by the keyboard.
 */
final class Chrome
{
    /** @var resource */
    private $process;

    public readonly RemoteWebDriver $driver;

    private readonly string $profile;

    public function __construct(private readonly string $base, int $width = 1280, int $height = 800)
    {
        $port = self::freePort();
        $process = proc_open(
            ['setsid', 'chromedriver', "--port=$port"],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        if ($process === false) {
            throw new RuntimeException('chromedriver did not start.');
        }
        $this->process = $process;
        $this->profile = sys_get_temp_dir().'/buoyant-chrome-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--disable-dev-shm-usage',
            '--user-data-dir='.$this->profile,
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $this->driver = $this->connect($port, $capabilities);
        $this->size($width, $height);
    }

    /** Opens the application as somebody of the demo. */
    public static function signedIn(string $email = DemoAccounts::CLINICIAN, int $width = 1280, int $height = 800): self
    {
        $chrome = new self((string) getenv('BUOYANT_BASE'), $width, $height);

        return $chrome->visit('/sign-in')->fill('Email', $email)->fill(
            'Password', DemoAccounts::PASSWORD,
        )->press('Sign in')->see('need you');
    }

    public function size(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Emulation.setDeviceMetricsOverride',
            ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false],
        );
    }

    /** What the reader's system prefers: light or dark. */
    public function theme(string $theme): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute(
            'Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $theme]]],
        );
    }

    /** The page as it goes to the printer. */
    public function printed(): void
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setEmulatedMedia', ['media' => 'print']);
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->base.$path);
        $this->until(
            fn (): bool => $this->driver->executeScript('return document.querySelector("main") !== null') === true,
            "the page $path",
        );

        return $this;
    }

    /** Waits for a condition and says what was missing when it does not come. */
    public function until(callable $condition, string $what, int $seconds = 12): void
    {
        try {
            $this->driver->wait($seconds, 60)->until(static function () use ($condition): bool {
                try {
                    return (bool) $condition();
                } catch (StaleElementReferenceException) {
                    return false;
                }
            });
        } catch (TimeoutException) {
            throw new RuntimeException("Waited in vain for $what. The page says:\n".mb_substr($this->text(), 0, 1500));
        }
    }

    /** On Plan: a family found by its words, and added on the rung to begin with. */
    public function add(string $words, string $family): self
    {
        $box = $this->driver->findElement(WebDriverBy::cssSelector('input[aria-label^="Add an exercise:"]'));
        $box->click();
        $box->sendKeys($words);
        $option = WebDriverBy::xpath('//*[@role="option"][contains(., "'.$family.'")]');
        $this->until(
            fn (): bool => count($this->driver->findElements($option)) === 1, "$family among the found",
        );
        $this->driver->findElement($option)->click();

        return $this->press('Add: ')->see('Added.');
    }

    public function text(): string
    {
        $text = $this->driver->executeScript('return document.body.innerText');

        // A person reads the narrow space before a unit as a space.
        return is_string($text) ? str_replace("\u{202F}", ' ', $text) : '';
    }

    public function see(string $text): self
    {
        $this->until(fn (): bool => str_contains($this->text(), $text), "\"$text\"");

        return $this;
    }

    /** The visible control with this label, or this accessible name. */
    public function field(string $label): RemoteWebElement
    {
        $quoted = self::quote($label);

        return $this->first(
            '//*[self::input or self::select or self::textarea]'
                ."[@id=//label[normalize-space()=$quoted]/@for or @aria-label=$quoted"
                ." or ancestor::label[contains(normalize-space(), $quoted)]]",
            "the field $label",
        );
    }

    public function fill(string $label, string $value): self
    {
        $field = $this->field($label);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($value === '' ? WebDriverKeys::BACKSPACE : $value);

        return $this;
    }

    public function choose(string $label, string $option): self
    {
        $field = $this->field($label);
        $field->findElement(WebDriverBy::xpath('./option[normalize-space()='.self::quote($option).']'))->click();

        return $this;
    }

    /** Clicks a label (radio, checkbox), inside the group with this legend when one is given. */
    public function tick(string $label, ?string $group = null): self
    {
        $within = $group === null ? '' : '//fieldset[legend[normalize-space()='.self::quote($group).']]';
        $this->scrollTo(
            $this->first($within.'//label[normalize-space()='.self::quote($label).']', "the choice $label"),
        )->click();

        return $this;
    }

    public function press(string $name, int $nth = 1): self
    {
        $quoted = self::quote($name);
        $this->scrollTo(
            $this->first(
                '(//*[self::button or self::a]'
                    ."[normalize-space()=$quoted or starts-with(normalize-space(), $quoted)])[$nth]",
                "the button $name",
            ),
        )->click();

        return $this;
    }

    /** Keys into whatever has the focus, as on a real keyboard. */
    public function type(string ...$keys): self
    {
        foreach ($keys as $key) {
            try {
                $this->driver->switchTo()->activeElement()->sendKeys($key);
            } catch (StaleElementReferenceException) {
                // The page put another element in its place just now; a keyboard knows no elements.
                $this->driver->switchTo()->activeElement()->sendKeys($key);
            }
        }

        return $this;
    }

    /** What stands in a control now. */
    public function value(string $label): string
    {
        return (string) $this->field($label)->getAttribute('value');
    }

    /** Takes the focus from whatever has it, so that single keys mean commands. */
    public function letGo(): self
    {
        $this->driver->executeScript('document.activeElement.blur()');

        return $this;
    }

    /** What a script finds on the page. */
    public function ask(string $script): mixed
    {
        return $this->driver->executeScript("return $script");
    }

    public function gone(string $text): self
    {
        $this->until(fn (): bool => ! str_contains($this->text(), $text), "\"$text\" to go away");

        return $this;
    }

    public function shot(string $file): void
    {
        usleep(250_000);
        $this->driver->takeScreenshot($file);
    }

    /**
     * axe-core over the page as it stands.
     *
     * @return list<string> each violation with where it is
     */
    public function axe(): array
    {
        $this->driver->executeScript(
            (string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'),
        );
        $found = $this->driver->executeAsyncScript(
            'const done = arguments[arguments.length - 1];'
            .'axe.run(document, { runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] })'
            .'.then((r) => done(r.violations.map((v) => v.id + ": " + v.help + " @ " + v.nodes.map((n) => '
            .'n.target.join(" ")).slice(0, 4).join(" | "))));',
        );

        return is_array($found) ? array_values(array_filter($found, is_string(...))) : ['axe did not answer'];
    }

    /**
     * What the browser complained about since the last call.
     *
     * @return list<string>
     */
    public function complaints(): array
    {
        $lines = [];
        foreach ((array) $this->driver->manage()->getLog('browser') as $entry) {
            if (is_array($entry) && ($entry['level'] ?? '') === 'SEVERE' && is_string($entry['message'] ?? null)) {
                $lines[] = $entry['message'];
            }
        }

        return $lines;
    }

    public function close(): void
    {
        try {
            $this->driver->quit();
        } finally {
            $status = proc_get_status($this->process);
            // The driver leads a group of its own with every browser process in it.
            posix_kill(-$status['pid'], SIGTERM);
            proc_close($this->process);
            exec('rm -rf '.escapeshellarg($this->profile));
        }
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $name = $socket === false ? false : stream_socket_get_name($socket, false);
        if ($socket === false || $name === false) {
            throw new RuntimeException('No free port.');
        }
        fclose($socket);

        return (int) substr((string) strrchr($name, ':'), 1);
    }

    private function first(string $xpath, string $what): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($xpath, &$found): bool {
            foreach ($this->driver->findElements(WebDriverBy::xpath($xpath)) as $element) {
                $found = $element;

                return true;
            }

            return false;
        }, $what);
        if (! $found instanceof RemoteWebElement) {
            throw new RuntimeException("Did not find $what.");
        }

        return $found;
    }

    private function scrollTo(RemoteWebElement $element): RemoteWebElement
    {
        $this->driver->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$element]);

        return $element;
    }

    private function connect(int $port, DesiredCapabilities $capabilities): RemoteWebDriver
    {
        for ($try = 0; ; $try++) {
            try {
                return RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 5_000, 60_000);
            } catch (Throwable $e) {
                if ($try > 60) {
                    throw $e;
                }
                usleep(100_000);
            }
        }
    }

    private static function quote(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'".$text."'";
    }
}
