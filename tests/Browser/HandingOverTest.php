<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Look and Hand over: properties for many at once, slices put right, limits said before anything is made. */
final class HandingOverTest extends BrowserTestCase
{
    public function test_looks_are_set_for_all_that_is_selected(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        foreach ([100, 200, 300] as $x) {
            $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-item', 'items' => [], 'params' => ['kind' => 'box', 'x' => $x, 'y' => 100, 'w' => 50, 'h' => 50, 'radius' => $x / 100]]);
        }
        $browser->waitForStatus('changed from elsewhere');
        $browser->drag(50, 50, 500, 300);
        $browser->press('Look');
        $browser->fill('[aria-label="Fill colour"]', 'abc');
        $browser->waitForStatus('Set fill of 3 boxes to #aabbcc');
        self::assertSame('mixed', $browser->see('[aria-label=radius]')->getAttribute('placeholder'));
        $browser->fill('[aria-label=radius]', '8');
        $browser->waitForStatus('Set radius of 3 boxes to 8');
        $items = $this->items($sheet);
        self::assertSame(['#aabbcc', '#aabbcc', '#aabbcc'], array_column($items, 'fill'));
        self::assertEquals([8, 8, 8], array_column($items, 'radius'));
        $browser->fill('[aria-label=opacity]', '150');
        self::assertSame('true', $browser->see('[aria-label=opacity]')->getAttribute('aria-invalid'));
        $browser->see('[aria-label=opacity]')->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('100', $browser->see('[aria-label=opacity]')->getAttribute('value'));
    }

    public function test_slices_off_the_pixel_are_put_right_and_limits_are_said_beforehand(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $add = fn (array $params): array => $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-slice', 'items' => [], 'params' => $params]);
        $browser->visit("/d/$document/$sheet/hand-over");
        self::assertStringContainsString('Nothing is cut yet.', $browser->see('.empty')->getText());
        self::assertFalse($browser->named('Make the archive')->isEnabled());

        $add(['name' => 'pier', 'x' => 10.5, 'y' => 10, 'w' => 20, 'h' => 20.25]);
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Put right, outward');
        Waiting::until(fn (): bool => $this->server->call('GET', "sheets/$sheet")['slices'][0]['h'] === 21, 'the slice to be put right');
        self::assertEquals([10, 10, 21, 21], array_map(fn (string $side) => $this->server->call('GET', "sheets/$sheet")['slices'][0][$side], ['x', 'y', 'w', 'h']));

        foreach (range(1, 10) as $i) {
            $add(['name' => "s$i", 'x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]);
        }
        $browser->visit("/d/$document/$sheet/hand-over");
        Waiting::until(static fn (): bool => str_contains($browser->see('.make')->getText(), '22 files; at once, 20 are made at most.'), 'the limit to be said');
        self::assertFalse($browser->named('Make the archive')->isEnabled());
        $browser->press('2x');
        Waiting::until(static fn (): bool => $browser->named('Make the archive')->isEnabled(), 'fewer files to be possible');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('.make')->getText(), 'Made the archive: 11 files'), 'the archive to be made');
        $browser->fill('[aria-label="Name of pier"]', 's1');
        self::assertStringContainsString('There is another slice "s1"', $browser->see('.refused')->getText());
    }
}
