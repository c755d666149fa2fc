<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Filesystem\Filesystem;
use Symfony\Component\Process\Process;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** A headless Chromium of its own, driven as a person would drive it. */
final class Browser
{
    /** Counts what the page has asked the server and not taken yet: two frames after an answer it has been. */
    private const COUNT_QUESTIONS = <<<'JS'
        if (window.questions === undefined) {
            window.questions = 0;
            const ask = window.fetch;
            const frame = () => new Promise((next) => requestAnimationFrame(next));
            window.fetch = async (...given) => {
                window.questions++;
                try {
                    const answer = await ask(...given);
                    answer.clone().arrayBuffer().catch(() => 0).then(frame).then(frame).then(() => window.questions--);
                    return answer;
                } catch (error) {
                    window.questions--;
                    throw error;
                }
            };
        }
        JS;

    public readonly RemoteWebDriver $driver;

    public readonly string $downloads;

    private readonly Process $chromedriver;

    private readonly string $profile;

    /** @param  string  $address  of the server, without a slash at its end */
    public function __construct(private string $address, private readonly int $width = 1280, private readonly int $height = 800)
    {
        $this->profile = sys_get_temp_dir().'/allsquare-browser-'.bin2hex(random_bytes(6));
        $this->downloads = "$this->profile/downloads";
        mkdir($this->downloads, 0o775, true);
        $port = RunningServer::freePort();
        $this->chromedriver = new Process(['/usr/bin/chromedriver', "--port=$port"], timeout: null);
        $this->chromedriver->start();
        Waiting::until(static fn (): bool => self::isReady($port), 'ChromeDriver');
        $options = (new ChromeOptions)->setBinary('/usr/bin/chromium')->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-extensions', '--force-prefers-reduced-motion', '--force-device-scale-factor=1', '--hide-scrollbars',
            "--user-data-dir=$this->profile/chromium", "--window-size=$width,$height",
        ])->setExperimentalOption('prefs', ['download.default_directory' => $this->downloads, 'download.prompt_for_download' => false]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $this->driver = RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 60_000, 120_000);
        $this->driver->setCommandExecutor(new QuickHand("http://127.0.0.1:$port"));
        $this->resize($width, $height);
    }

    private static function isReady(int $port): bool
    {
        $curl = curl_init("http://127.0.0.1:$port/status");
        if ($curl === false) {
            return false;
        }
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 2]);

        return str_contains((string) curl_exec($curl), '"ready":true');
    }

    /** The page itself gets this size. */
    public function resize(int $width, int $height): void
    {
        $window = $this->driver->manage()->window();
        // What is round the page is known only once the window has the size that it was given last.
        Waiting::until(function () use ($window, $width, $height): bool {
            [$across, $down] = (array) $this->driver->executeScript('return [outerWidth - innerWidth, outerHeight - innerHeight]');
            $window->setSize(new WebDriverDimension($width + (int) $across, $height + (int) $down));

            return $this->driver->executeScript('return [innerWidth, innerHeight]') === [$width, $height];
        }, "the page to be $width × $height");
    }

    /** Goes on with another server, as a new visitor: nothing of the last is open or remembered. */
    public function comeNewTo(string $address): void
    {
        // A test may have been content with an empty page, which remembers nothing.
        $this->run('if (location.protocol === "http:") { localStorage.clear(); sessionStorage.clear(); }');
        $this->driver->get('about:blank');
        array_map(unlink(...), glob("$this->downloads/*") ?: []);
        $this->resize($this->width, $this->height);
        $this->address = $address;
    }

    public function visit(string $path): void
    {
        $this->driver->get($this->address.$path);
    }

    public function close(): void
    {
        $this->driver->quit();
        $this->chromedriver->stop(2);
        (new Filesystem)->deleteDirectory($this->profile);
    }

    public function run(string $script, mixed ...$arguments): mixed
    {
        return $this->driver->executeScript($script, $arguments);
    }

    public function see(string $css): RemoteWebElement
    {
        return Waiting::until(fn (): RemoteWebElement|false => $this->displayed(WebDriverBy::cssSelector($css)), "$css to be seen");
    }

    /** An element of that kind that says exactly this. */
    public function named(string $words, string $tag = 'button'): RemoteWebElement
    {
        $path = "//{$tag}[normalize-space(.)=\"$words\" or @aria-label=\"$words\"]";

        return Waiting::until(fn (): RemoteWebElement|false => $this->displayed(WebDriverBy::xpath($path)), "a $tag \"$words\"");
    }

    /** The first that is displayed; what the page takes away meanwhile is not there. */
    private function displayed(WebDriverBy $by): RemoteWebElement|false
    {
        try {
            foreach ($this->driver->findElements($by) as $element) {
                if ($element->isDisplayed()) {
                    return $element;
                }
            }
        } catch (StaleElementReferenceException) {
            return false;
        }

        return false;
    }

    public function click(string $css): void
    {
        $this->see($css)->click();
    }

    /** Clicks what is only there while the pointer is over something. */
    public function clickOver(string $over, string $css): void
    {
        $this->driver->action()->moveToElement($this->see($over))->perform();
        $this->click($css);
    }

    public function press(string $words, string $tag = 'button'): void
    {
        $this->named($words, $tag)->click();
    }

    /** Types into a field in place of what is there. */
    public function fill(string $css, string $text, string $end = WebDriverKeys::ENTER): void
    {
        $field = $this->see($css);
        $field->click();
        $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $field->sendKeys($text.$end);
    }

    /** @param  string|list<string>  $keys */
    public function keys(string|array $keys): void
    {
        $this->driver->switchTo()->activeElement()->sendKeys($keys);
    }

    /**
     * Where a point of the sheet lies in the page: the transform of the painted layer says it.
     *
     * @return array{int, int}
     */
    public function onScreen(float $x, float $y): array
    {
        return $this->run('const m = document.querySelector(".layer .sheet").getScreenCTM(); return [Math.round(arguments[0] * m.a + m.e), Math.round(arguments[1] * m.d + m.f)];', $x, $y);
    }

    /** Drags on the sheet, in px of the sheet. On the way it waits until the page knows what it asked for when the drag began. */
    public function drag(float $fromX, float $fromY, float $toX, float $toY): void
    {
        $this->countQuestions();
        [$ax, $ay] = $this->onScreen($fromX, $fromY);
        [$bx, $by] = $this->onScreen($toX, $toY);
        $this->pointer($ax, $ay)->clickAndHold()->moveByOffset((int) (($bx - $ax) / 2), (int) (($by - $ay) / 2))->perform();
        $this->waitForAnswers();
        $this->driver->action()->moveByOffset($bx - $ax - (int) (($bx - $ax) / 2), $by - $ay - (int) (($by - $ay) / 2))->release()->perform();
    }

    /** From here on, what the page asks the server is counted. */
    public function countQuestions(): void
    {
        $this->run(self::COUNT_QUESTIONS);
    }

    /** Until the page has taken the answers to all that it asked. */
    public function waitForAnswers(): void
    {
        Waiting::until(fn (): bool => $this->run('return window.questions') === 0, 'the page to have its answers');
    }

    public function clickSheet(float $x, float $y, bool $double = false): void
    {
        [$px, $py] = $this->onScreen($x, $y);
        $double ? $this->doubleClick(fn (): WebDriverActions => $this->pointer($px, $py)) : $this->pointer($px, $py)->click()->perform();
    }

    /**
     * On a machine that is busy with something else two clicks may be too far apart to be one double click: then once more.
     *
     * @param  callable(): WebDriverActions  $there  brings the pointer where it is to click
     */
    public function doubleClick(callable $there): void
    {
        $this->run('window.doubled = false; document.addEventListener("dblclick", () => (window.doubled = true), {once: true, capture: true})');
        Waiting::until(function () use ($there): bool {
            $there()->doubleClick()->perform();

            return (bool) $this->run('return window.doubled');
        }, 'a double click');
    }

    /** Actions that begin with the pointer at a place of the page. */
    public function pointer(int $x, int $y): WebDriverActions
    {
        $body = $this->driver->findElement(WebDriverBy::cssSelector('html'));
        $size = $body->getSize();

        return $this->driver->action()->moveToElement($body, $x - intdiv($size->getWidth(), 2), $y - intdiv($size->getHeight(), 2));
    }

    public function status(): string
    {
        return trim((string) $this->run('return document.querySelector(".status .said")?.textContent ?? ""'));
    }

    public function waitForStatus(string $part): string
    {
        return Waiting::until(fn (): string|false => str_contains($this->status(), $part) ? $this->status() : false, fn (): string => "the status line to say \"$part\", it says \"{$this->status()}\"");
    }

    /** Until the sheet of the address is painted and nothing is on its way. */
    public function waitForSheet(): void
    {
        Waiting::until(fn (): bool => (bool) $this->run('return performance.getEntriesByName("sheet-shown").length > 0 && document.querySelector(".status .saved")?.textContent.trim() === "saved"'), 'the sheet to be shown');
    }

    public function shoot(string $path): void
    {
        $this->run('return document.fonts.ready.then(() => true)');
        $this->driver->takeScreenshot($path);
    }
}
