<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use RuntimeException;
use Tests\Browser\Support\Browser;
use Tests\Support\Waiting;

/**
 * Works as a designer does, and counts what it costs: presses (a click, a drag, keys held together or alone as a command) and
 * keys typed into fields and texts. After each act it waits, as a person does, until its answer is on the screen.
 */
final class Hand
{
    private const KEYS = [
        'Left' => WebDriverKeys::ARROW_LEFT, 'Right' => WebDriverKeys::ARROW_RIGHT, 'Up' => WebDriverKeys::ARROW_UP, 'Down' => WebDriverKeys::ARROW_DOWN,
        'Enter' => WebDriverKeys::ENTER, 'Escape' => WebDriverKeys::ESCAPE, 'Delete' => WebDriverKeys::DELETE, 'Tab' => WebDriverKeys::TAB, 'Home' => WebDriverKeys::HOME, 'End' => WebDriverKeys::END, 'F8' => WebDriverKeys::F8,
    ];

    private const HELD = ['Ctrl' => WebDriverKeys::CONTROL, 'Shift' => WebDriverKeys::SHIFT, 'Alt' => WebDriverKeys::ALT];

    /** @var list<Step> */
    public array $steps = [];

    private readonly PaintClock $clock;

    public function __construct(public readonly Browser $browser)
    {
        $this->clock = new PaintClock($browser);
    }

    /** What is done from here on, in words. */
    public function step(string $words): self
    {
        $this->steps[] = new Step($words);

        return $this;
    }

    public function presses(): int
    {
        return array_sum(array_column($this->steps, 'presses'));
    }

    public function typed(): int
    {
        return array_sum(array_column($this->steps, 'typed'));
    }

    /**
     * One act, with its cost and how long it took to be painted.
     *
     * @param  callable(): mixed  $act
     */
    private function act(string $what, int $presses, int $typed, callable $act): self
    {
        $step = end($this->steps);
        assert($step instanceof Step);
        $step->presses += $presses;
        $step->typed += $typed;
        $this->clock->begin($what);
        $this->browser->countQuestions();
        $act();
        $this->browser->waitForAnswers();

        return $this;
    }

    /** @return array<string, SlowPress> the slowest press of each kind so far, from the press to the paint of what it changed on the sheet */
    public function slowest(): array
    {
        return $this->clock->slowest();
    }

    /** A button, an entry or a tab by what it says. */
    public function press(string $words, string $tag = 'button'): self
    {
        return $this->act("press $words", 1, 0, fn () => $this->browser->press($words, $tag));
    }

    public function click(string $css): self
    {
        return $this->act("click $css", 1, 0, function () use ($css): void {
            $this->browser->see($css);
            $this->browser->run('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', $css);
            $this->browser->click($css);
        });
    }

    /** A key, or keys held together: "e", "Ctrl+D", "Alt+Shift+Left". */
    public function key(string $combination, int $times = 1): self
    {
        $held = explode('+', $combination);
        $key = (string) array_pop($held);

        for ($i = 0; $i < $times; $i++) {
            $this->act($combination, 1, 0, function () use ($held, $key): void {
                $action = $this->held($held, true);
                $action->sendKeys(null, self::KEYS[$key] ?? mb_strtolower($key));
                $this->held($held, false, $action)->perform();
            });
        }

        return $this;
    }

    /** @param  list<string>  $held */
    private function held(array $held, bool $down, ?WebDriverActions $action = null): WebDriverActions
    {
        $action ??= $this->browser->driver->action();
        foreach ($held as $one) {
            $down ? $action->keyDown(null, self::HELD[$one]) : $action->keyUp(null, self::HELD[$one]);
        }

        return $action;
    }

    /** What is typed where the caret stands. */
    public function type(string $words): self
    {
        return $this->act("type \"$words\"", 0, mb_strlen($words), fn () => $this->browser->keys($words));
    }

    /** A field by its name or label, in place of what is there. */
    public function field(string $name, string $typed): self
    {
        return $this->act("$name: $typed", 1, mb_strlen($typed) + 1, fn () => $this->browser->fill($this->fieldCss($name), $typed));
    }

    /** A field of a panel that does nothing until its button is pressed. */
    public function fill(string $name, string $typed): self
    {
        return $this->act("$name: $typed", 1, mb_strlen($typed), fn () => $this->browser->fill($this->fieldCss($name), $typed, ''));
    }

    /** The fields of a panel or a dialog, from the first on with Tab between them; Enter is pressed at the last. */
    public function fields(string $first, string ...$typed): self
    {
        $end = array_pop($typed);

        return $this->act("$first: …", 1, array_sum(array_map(static fn (string $one): int => mb_strlen($one) + 1, [...$typed, (string) $end])), function () use ($first, $typed, $end): void {
            $field = $this->browser->see($this->fieldCss($first));
            $field->click();
            foreach ($typed as $one) {
                $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
                $this->browser->keys($one.WebDriverKeys::TAB);
            }
            $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $this->browser->keys($end.WebDriverKeys::ENTER);
        });
    }

    /** A field of a dialog by the label it stands in. */
    public function dialogField(string $label, string $typed): self
    {
        return $this->act("$label: $typed", 1, mb_strlen($typed), function () use ($label, $typed): void {
            $field = $this->browser->driver->findElement(WebDriverBy::xpath("//*[@role='dialog']//label[starts-with(normalize-space(.),'$label')]//input"));
            $field->click();
            $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $field->sendKeys($typed);
        });
    }

    private function fieldCss(string $name): string
    {
        $quoted = json_encode($name, JSON_THROW_ON_ERROR);
        $inside = ":is(input, textarea):is([name=$quoted], [aria-label=$quoted])";

        return "$inside:not(:disabled)";
    }

    /** One of what a list offers: opened, and chosen. */
    public function choose(string $list, string $words): self
    {
        return $this->act("$list: $words", 2, 0, fn () => $this->option($list, $words));
    }

    private function option(string $list, string $words): void
    {
        $quoted = json_encode($list, JSON_THROW_ON_ERROR);
        $box = $this->browser->see(":is(select[aria-label=$quoted], .p-select:has([aria-label=$quoted]))");
        if ($box->getTagName() !== 'select') {
            $box->click();
            $this->browser->named($words, "*[@role='option']")->click();

            return;
        }
        $chosen = $this->browser->run('
            const [list, words] = arguments;
            const option = [...list.options].find((one) => one.text.trim() === words);
            if (!option) return false;
            list.value = option.value;
            list.dispatchEvent(new Event("change", {bubbles: true}));
            return true;
        ', $box, $words);
        if ($chosen !== true) {
            throw new RuntimeException("The list \"$list\" does not offer \"$words\".");
        }
    }

    /** A tool is taken, and drawn with. */
    public function draw(string $tool, float $x, float $y, float $toX, float $toY, string ...$held): self
    {
        $this->press($tool);

        return $this->drag($x, $y, $toX, $toY, ...$held);
    }

    /** A text where it is clicked; it is left by whatever is done next, or by Escape. */
    public function write(float $x, float $y, string $words): self
    {
        $this->press('Text');
        $this->act('click where it is to stand', 1, 0, fn () => $this->browser->clickSheet($x, $y));
        $this->browser->see('.writing textarea');

        return $this->type($words);
    }

    /** From place to place on the sheet, in its px; what is held is held to the end. */
    public function drag(float $x, float $y, float $toX, float $toY, string ...$held): self
    {
        return $this->act("drag from $x, $y", 1, 0, function () use ($x, $y, $toX, $toY, $held): void {
            $this->held(array_values($held), true)->perform();
            try {
                $this->browser->drag($x, $y, $toX, $toY);
            } finally {
                $this->held(array_values($held), false)->perform();
            }
        });
    }

    /** A guide out of a ruler, to where the ruler says: the upper one for level guides, the one at the side for upright ones. */
    public function pullGuide(string $axis, float $to): self
    {
        return $this->pull($axis === 'x' ? '.ruler.y' : '.ruler.x', $axis === 'x' ? $to : 40, $axis === 'x' ? 40 : $to);
    }

    /** The zero of the rulers, out of the corner where they meet. */
    public function pullZero(float $x, float $y): self
    {
        return $this->pull('.ruler-corner, .corner', $x, $y);
    }

    private function pull(string $from, float $x, float $y): self
    {
        return $this->act("pull out of $from", 1, 0, function () use ($from, $x, $y): void {
            $this->browser->countQuestions();
            $this->browser->driver->action()->moveToElement($this->browser->see($from))->clickAndHold()->moveByOffset(12, 12)->perform();
            $this->browser->waitForAnswers();
            $this->browser->pointer(...$this->browser->onScreen($x, $y))->release()->perform();
        });
    }

    public function at(float $x, float $y, string ...$held): self
    {
        return $this->act("click at $x, $y", 1, 0, function () use ($x, $y, $held): void {
            $this->held(array_values($held), true)->perform();
            try {
                $this->browser->clickSheet($x, $y);
            } finally {
                $this->held(array_values($held), false)->perform();
            }
        });
    }

    public function enter(float $x, float $y): self
    {
        return $this->act("double click at $x, $y", 1, 0, fn () => $this->browser->clickSheet($x, $y, double: true));
    }

    /** The menu at a place of the sheet, and one of its entries; "Select > All of this kind" opens what is behind the first. */
    public function menu(float $x, float $y, string $path): self
    {
        $entries = explode(' > ', $path);

        return $this->act("menu: $path", 2, 0, function () use ($x, $y, $entries): void {
            $this->browser->pointer(...$this->browser->onScreen($x, $y))->contextClick()->perform();
            $last = array_pop($entries);
            foreach ($entries as $entry) {
                $this->browser->driver->action()->moveToElement($this->entry($entry))->perform();
            }
            $this->entry((string) $last)->click();
        });
    }

    private function entry(string $words): RemoteWebElement
    {
        return $this->browser->named($words, 'span');
    }

    /** A row of Contents by its name. */
    public function row(string $name, string ...$held): self
    {
        return $this->act("row $name", 1, 0, function () use ($name, $held): void {
            $action = $this->held(array_values($held), true)->click($this->browser->see($this->rowCss($name)));
            $this->held(array_values($held), false, $action)->perform();
        });
    }

    /** Another name for something, in its row of Contents. */
    public function rename(string $name, string $to): self
    {
        return $this->act("rename $name", 1, mb_strlen($to) + 1, function () use ($name, $to): void {
            $css = $this->rowCss($name);
            $this->browser->doubleClick(fn (): WebDriverActions => $this->browser->driver->action()->moveToElement($this->browser->see("$css .name")));
            $field = $this->browser->see("$css input");
            $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $field->sendKeys($to.WebDriverKeys::ENTER);
        });
    }

    private function rowCss(string $name): string
    {
        $id = Waiting::until(fn (): mixed => $this->browser->run('
            const row = [...document.querySelectorAll("[data-row]")].find((one) => one.querySelector(".name")?.textContent.trim() === arguments[0]);
            row?.scrollIntoView({block: "nearest"});
            return row?.dataset.row ?? false;
        ', $name), "the row \"$name\" in Contents");

        return "[data-row='$id']";
    }

    /** Reads the line below the sheet until it says this. */
    public function says(string $words): self
    {
        $this->browser->waitForStatus($words);

        return $this;
    }

    /** Until so much is selected, as the bench says it. */
    public function selected(string $words): self
    {
        Waiting::until(
            fn (): bool => str_contains($this->browser->see('.place h3')->getText(), $words),
            fn (): string => "\"$words\" to be selected, it is {$this->browser->see('.place h3')->getText()}",
        );

        return $this;
    }
}
