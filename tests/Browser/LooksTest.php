<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Waiting;

/** Fills, outlines and shadows: given in the drawer, and painted alike in the page and by the rasteriser. */
final class LooksTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** A pixel that differs by no more than this in each of its colours is the same. */
    private const SAME = 24;

    /** @return array<string, array{string}> */
    public static function sorts(): array
    {
        return ['gradients' => ['gradients'], 'patterns' => ['patterns'], 'dashes' => ['dashes'], 'shadows' => ['shadows'], 'paths' => ['paths']];
    }

    /** Less than 1 % of the pixels differ by more than a small threshold. */
    #[DataProvider('sorts')]
    public function test_random_looks_are_painted_alike_in_the_page_and_by_the_rasteriser(string $sort): void
    {
        ['sheet' => $sheet] = $this->openEmpty(640, 360);
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $chance = new Randomizer(new Mt19937($seed));
        for ($i = 0; $i < 12; $i++) {
            $this->add($sheet, ['box', 'round', 'polygon', 'arrow'][$i % 4], 20 + 105 * ($i % 6), 30 + 170 * intdiv($i, 6), 80, 110, "Trial $i", ['angle' => $chance->getInt(0, 1) === 1 ? $chance->getInt(-40, 40) : 0] + self::look($sort, $chance));
        }
        $this->reload();
        $page = imagecreatefromstring((string) $this->picture());
        $made = imagecreatefromstring((string) file_get_contents("{$this->server->address}/api/sheets/$sheet/render.png?scale=1"));
        self::assertNotFalse($page);
        self::assertNotFalse($made);
        $differ = $painted = 0;
        for ($y = 0; $y < 360; $y++) {
            for ($x = 0; $x < 640; $x++) {
                [$a, $b] = [imagecolorat($page, $x, $y), imagecolorat($made, $x, $y)];
                $painted += ($b & 0xFFFFFF) === 0xFFFFFF ? 0 : 1;
                $off = max(abs(($a >> 16 & 255) - ($b >> 16 & 255)), abs(($a >> 8 & 255) - ($b >> 8 & 255)), abs(($a & 255) - ($b & 255)));
                $differ += $off > self::SAME ? 1 : 0;
            }
        }
        self::assertGreaterThan(5_000, $painted);
        if (getenv('ALLSQUARE_SAY')) {
            fwrite(STDERR, "$sort: ".round($differ / 2304, 3)." %\n");
        }
        self::assertLessThan(0.01 * 640 * 360, $differ, "$sort, seed $seed: ".round($differ / 2304, 2).' % of the pixels');
    }

    /** The sheet as the page paints it, at its own size. */
    private function picture(): string
    {
        $this->browser->resize(1600, 1000);
        $this->browser->run('for (const one of document.querySelectorAll(".gridlines, .overlay, .marks, .guides, .tooltip")) one.style.display = "none"; document.querySelector(".layer .sheet").style.stroke = "none"');
        Waiting::until(fn (): bool => abs((float) $this->browser->run('return document.querySelector(".layer .sheet").getScreenCTM().a') - 1) < 1e-6, 'the sheet to be seen at its own size');
        $sheet = $this->browser->driver->findElement(WebDriverBy::cssSelector('.layer .sheet'));
        $shot = imagecreatefromstring((string) $this->browser->driver->takeScreenshot());
        self::assertNotFalse($shot);
        $at = $this->browser->run('const b = arguments[0].getBoundingClientRect(); return [b.x, b.y]', $sheet);
        $cut = imagecrop($shot, ['x' => (int) round($at[0]), 'y' => (int) round($at[1]), 'width' => 640, 'height' => 360]);
        self::assertNotFalse($cut);
        ob_start();
        imagepng($cut);

        return (string) ob_get_clean();
    }

    /** @return array<string, mixed> */
    private static function look(string $sort, Randomizer $chance): array
    {
        $colour = static fn (bool $clear = true): string => sprintf('#%06x', $chance->getInt(0, 0xFFFFFF)).($clear && $chance->getInt(0, 3) === 0 ? '90' : '');
        $stops = static fn (): array => array_map(static fn (int $k): array => ['at' => $k / 3, 'colour' => $colour()], range(0, 3));

        return match ($sort) {
            'gradients' => ['fill' => $chance->getInt(0, 1) === 0
                ? ['gradient' => 'linear', 'angle' => $chance->getInt(0, 360), 'stops' => $stops()]
                : ['gradient' => 'radial', 'centre' => ['x' => $chance->getInt(20, 80) / 100, 'y' => 0.5], 'radius' => $chance->getInt(30, 80) / 100, 'stops' => $stops()]],
            'patterns' => ['fill' => ['pattern' => ['stripes', 'dots', 'checks'][$chance->getInt(0, 2)], 'pitch' => $chance->getInt(5, 30), 'share' => $chance->getInt(20, 80) / 100, 'angle' => $chance->getInt(0, 3) * 15, 'phase' => $chance->getInt(0, 9), 'colour' => $colour(), 'ground' => $chance->getInt(0, 1) === 0 ? null : $colour()]],
            'dashes' => ['fill' => null, 'outline' => ['colour' => $colour(false), 'weight' => $chance->getInt(1, 9), 'side' => ['centre', 'inside', 'outside'][$chance->getInt(0, 2)], 'dash' => [$chance->getInt(0, 20), $chance->getInt(5, 12)], 'fitted' => $chance->getInt(0, 1) === 1, 'ends' => ['butt', 'round', 'square'][$chance->getInt(0, 2)], 'joins' => ['miter', 'round', 'bevel'][$chance->getInt(0, 2)]]],
            'shadows' => ['fill' => $colour(false), 'shadow' => array_map(static fn (): array => ['dx' => $chance->getInt(-8, 8), 'dy' => $chance->getInt(-8, 8), 'blur' => $chance->getInt(0, 16), 'spread' => $chance->getInt(-4, 4), 'colour' => $colour(), 'inner' => $chance->getInt(0, 2) === 0], range(1, $chance->getInt(1, 3)))],
            default => ['fill' => $colour(), 'outline' => ['colour' => $colour(false), 'weight' => $chance->getInt(1, 8), 'joins' => 'round'], 'opacity' => $chance->getInt(3, 10) / 10],
        };
    }

    /** @param  array<string, mixed>  $look */
    private function one(array $look = []): string
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 100, 80, 200, 120, 'Berth', $look);
        $this->reload();
        $this->chooseAll();
        $this->browser->press('Look');

        return $sheet;
    }

    private function fill(string $sheet): mixed
    {
        return $this->item($sheet, 'Berth')['fields']['fill'];
    }

    public function test_a_colour_becomes_a_gradient_whose_stops_and_angle_are_typed_and_dragged(): void
    {
        $browser = $this->browser;
        $sheet = $this->one(['fill' => ['gradient' => 'linear', 'angle' => 90, 'stops' => [['at' => 0, 'colour' => '#17614f'], ['at' => 1, 'colour' => '#f0c96a']]]]);
        $browser->fill('.gradient input[aria-label="angle"]', '45');
        Waiting::until(fn (): bool => $this->fill($sheet)['angle'] == 45, fn (): string => 'the angle to be set: '.$browser->status().' '.json_encode($this->fill($sheet)));
        $browser->run('document.querySelector(".gradient .stop").focus()');
        $browser->keys([WebDriverKeys::ARROW_RIGHT]);
        Waiting::until(fn (): bool => $this->fill($sheet)['stops'][0]['at'] == 0.01, 'the stop to be moved');
        $browser->click('.gradient .bar');
        Waiting::until(fn (): bool => count($this->fill($sheet)['stops']) === 3, 'a stop to be added');
        $browser->press('Remove');
        Waiting::until(fn (): bool => count($this->fill($sheet)['stops']) === 2, 'it to be removed');
        // On the sheet the far end of the line, at 45 degrees upwards to the right, is brought straight to the right.
        $end = $browser->run('const b = document.querySelector("[data-gradient=to]").getBoundingClientRect(); return [b.x + b.width / 2, b.y + b.height / 2]');
        [$x, $y] = $browser->onScreen(380, 140);
        $browser->pointer((int) $end[0], (int) $end[1])->clickAndHold()->moveByOffset($x - (int) $end[0], $y - (int) $end[1])->release()->perform();
        Waiting::until(fn (): bool => abs($this->fill($sheet)['angle'] - 90) <= 1, fn (): string => 'the line to be turned: '.json_encode([$end, $x, $y, $this->fill($sheet)]));
        self::assertEqualsWithDelta(90, $this->fill($sheet)['angle'], 1);
    }

    public function test_a_swatch_is_kept_taken_changed_and_picked_from_the_sheet(): void
    {
        $browser = $this->browser;
        $sheet = $this->one(['fill' => '#17614f']);
        $browser->click('button[aria-label="Fill: swatches"]');
        $browser->fill('.swatch-panel input', 'Harbour', '');
        $browser->press('Keep as a swatch');
        Waiting::until(fn (): bool => is_array($this->fill($sheet)), 'the fill to follow the swatch');
        $swatch = $this->server->call('GET', "sheets/$sheet")['swatches'][0];
        self::assertSame(['Harbour', '#17614f', ['swatch' => $swatch['key'], 'colour' => '#17614f']], [$swatch['name'], $swatch['colour'], $this->fill($sheet)]);
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'set-swatch', 'params' => ['swatch' => $swatch['id'], 'colour' => '#a83a24']]);
        $this->add($sheet, 'box', 400, 300, 100, 100, 'Quay');
        $this->reload();
        self::assertSame('rgb(168, 58, 36)', $browser->run('return getComputedStyle(document.querySelector("[data-item] rect")).fill'));
        $browser->clickSheet(450, 350);
        $this->waitForSelected('Quay');
        $browser->keys('i');
        $browser->clickSheet(150, 120);
        Waiting::until(fn (): bool => is_array($this->item($sheet, 'Quay')['fields']['fill']), 'the swatch to be taken with the colour');
        self::assertSame($swatch['key'], $this->item($sheet, 'Quay')['fields']['fill']['swatch']);
    }

    public function test_shadows_outlines_and_dashes_are_set_and_mixed_values_are_told_with_their_counts(): void
    {
        $browser = $this->browser;
        $sheet = $this->one(['fill' => '#17614f', 'outline' => ['colour' => '#20302d', 'weight' => 2]]);
        $browser->press('Add a shadow');
        Waiting::until(fn (): bool => count($this->item($sheet, 'Berth')['fields']['shadow']) === 1, 'a shadow');
        $browser->fill('input[aria-label="Dashes and gaps"]', '8 4');
        $browser->waitForStatus('outline');
        $browser->press('inside');
        Waiting::until(fn (): bool => ($this->item($sheet, 'Berth')['fields']['outline']['dash'] ?? null) == [8, 4], 'the dashes');
        $this->add($sheet, 'box', 400, 300, 100, 100, 'Quay', ['fill' => '#a83a24']);
        $this->add($sheet, 'box', 520, 300, 100, 100, 'Pier', ['fill' => '#a83a24']);
        $this->reload();
        $this->chooseAll();
        $browser->press('Look');
        $browser->see('.mixed');
        self::assertStringContainsString('2 × #a83a24, 1 × #17614f', $browser->run('return document.querySelector(".look").textContent'));
    }

    public function test_the_contrast_of_a_text_is_said(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'box', 50, 50, 300, 100, 'Card', ['fill' => '#fffefb']);
        $this->add($sheet, 'text', 70, 70, 0, 0, 'Pale', ['text' => 'Quay and pier', 'size' => 18, 'fill' => '#9aa5a1']);
        $this->reload();
        $browser->clickSheet(90, 82);
        $this->waitForSelected('Pale');
        $browser->press('Look');
        $browser->see('.contrast.low');
        self::assertStringContainsString('less than the 4.5', $browser->see('.contrast')->getText());
    }
}
