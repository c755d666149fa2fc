<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Waiting;

/** Look and Hand over: properties for many at once, slices put right, limits said before anything is made. */
final class HandingOverTest extends BrowserTestCase
{
    protected const DEMO = false;

    public function test_a_polygon_is_drawn_made_a_star_and_hit_by_its_outline(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet] = $this->openEmpty();
        $browser->press('Polygon');
        $browser->drag(100, 100, 340, 340);
        $browser->waitForStatus('Drew "Polygon"');
        $browser->press('Look');
        $browser->fill('[aria-label=sides]', '2.5');
        self::assertSame('true', $browser->see('[aria-label=sides]')->getAttribute('aria-invalid'));
        $browser->fill('[aria-label=sides]', '4');
        $browser->waitForStatus('Set sides of "Polygon" to 4');
        $browser->press('star');
        $browser->waitForStatus('Set star of "Polygon"');
        $browser->fill('[aria-label="inner radius of the star"]', '30');
        $browser->waitForStatus('Set star of "Polygon" to 0.3');
        self::assertEquals(['sides' => 4, 'star' => 0.3], array_intersect_key($this->items($sheet)[0]['fields'], ['sides' => 1, 'star' => 1]));
        $none = static fn (): bool => $browser->run('return document.querySelectorAll("[data-row][aria-selected=true]").length') === 0;
        $browser->clickSheet(500, 500);
        Waiting::until($none, 'nothing to be selected');
        // Between two tips there is nothing of it; in the middle there is.
        $browser->clickSheet(130, 130);
        self::assertTrue($none());
        $browser->clickSheet(220, 220);
        $this->waitForSelected('Polygon');
    }

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
        self::assertSame(['#aabbcc', '#aabbcc', '#aabbcc'], array_column(array_column($items, 'fields'), 'fill'));
        self::assertEquals([8, 8, 8], array_column(array_column($items, 'fields'), 'radius'));
        $browser->fill('[aria-label=opacity]', '150');
        self::assertSame('true', $browser->see('[aria-label=opacity]')->getAttribute('aria-invalid'));
        $browser->see('[aria-label=opacity]')->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('100', $browser->see('[aria-label=opacity]')->getAttribute('value'));
    }

    public function test_slices_off_the_pixel_are_put_right_and_an_archive_is_made_and_kept(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $add = fn (array $params): array => $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-slice', 'items' => [], 'params' => $params]);
        $browser->visit("/d/$document/$sheet/hand-over");
        self::assertStringContainsString('Nothing is cut yet.', $browser->see('.empty')->getText());
        self::assertFalse($browser->named('Make the archive')->isEnabled());

        $add(['name' => 'pier', 'x' => 10.5, 'y' => 10, 'w' => 20, 'h' => 20.25]);
        $browser->visit("/d/$document/$sheet/hand-over");
        Waiting::until(static fn (): bool => str_contains($browser->see('.warning')->getText(), 'off the pixel: x 10.5, h 20.25'), 'the warning');
        $browser->press('Grow to whole pixels');
        Waiting::until(fn (): bool => $this->server->call('GET', "sheets/$sheet")['slices'][0]['h'] === 21, 'the slice to be put right');
        self::assertEquals([10, 10, 21, 21], array_map(fn (string $side) => $this->server->call('GET', "sheets/$sheet")['slices'][0][$side], ['x', 'y', 'w', 'h']));

        foreach (range(1, 10) as $i) {
            $add(['name' => "s$i", 'x' => 0, 'y' => 0, 'w' => 5, 'h' => 5]);
        }
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Phone, 1x to 3x');
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '11 slices, 33 files'), 'the files to be counted');
        $browser->fill('[aria-label^="Another size"]', '40w');
        $browser->press('SVG');
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '11 slices, 55 files'), 'one size and one format more');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '55 files,'), 'the archive to be made');
        Waiting::until(static fn (): bool => $browser->named('Make the archive')->isEnabled(), 'another to be possible');
        $browser->fill('[aria-label="Name of pier"]', 's1');
        self::assertStringContainsString('There is another slice "s1"', $browser->see('.refused')->getText());
    }

    public function test_settings_are_kept_as_a_preset_and_a_slice_has_its_own(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-slice', 'items' => [], 'params' => ['name' => 'pier', 'x' => 10, 'y' => 10, 'w' => 20, 'h' => 20]]);
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Web, 1x and 2x');
        $browser->press('WebP');
        $browser->press('Keep as a preset');
        $browser->fill('[aria-label="Name of the preset"]', 'Shop');
        $browser->named('Shop');
        $browser->press('Web, 1x and 2x');
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '1 slice, 2 files'), 'two files');
        $browser->press('Shop');
        Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '1 slice, 4 files'), 'four files');
        $browser->press('How pier is cut');
        $browser->fill('[aria-label="Sizes of the slice"]', '4x, 90w');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label="Files in the archive"]')->getText(), 'pier@4x.webp'), 'sizes of its own');
        $browser->click('.popped [aria-label="Formats of the slice"] button:nth-child(4)');
        Waiting::until(static fn (): bool => str_starts_with($browser->see('[aria-label="Files in the archive"]')->getText(), 'pier.svg'), 'a format of its own');
        $browser->keys(WebDriverKeys::ESCAPE);
        $browser->press('Delete the preset Shop');
        Waiting::until(fn (): bool => $this->server->call('GET', "sheets/$sheet")['presets'] === [], 'the preset to be gone');
        self::assertSame([['4x', '90w'], ['svg']], [$this->server->call('GET', "sheets/$sheet")['slices'][0]['scales'], $this->server->call('GET', "sheets/$sheet")['slices'][0]['formats']]);
    }

    public function test_what_fails_says_why_and_is_tried_again(): void
    {
        $browser = $this->browser;
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'add-slice', 'items' => [], 'params' => ['name' => 'pier', 'x' => 10, 'y' => 10, 'w' => 20, 'h' => 20]]);
        // A file stands where the folder of the archives would be.
        $folder = $this->server->data.'/archives';
        $aside = $folder.' aside';
        if (is_dir($folder)) {
            rename($folder, $aside);
        }
        touch($folder);
        $browser->visit("/d/$document/$sheet/hand-over");
        $browser->press('Web, 1x and 2x');
        $browser->press('Make the archive');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), "The folder $folder cannot be written."), 'the reason');
        unlink($folder);
        if (is_dir($aside)) {
            rename($aside, $folder);
        }
        $browser->press('Try again');
        Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '2 files,'), 'the archive to be made');
        $browser->click('[aria-label="Delete Sheet 1"]');
        Waiting::until(static fn (): bool => (bool) $browser->run('return !document.querySelector("[aria-label=Archives]")'), 'the archive to be gone');
        self::assertSame([], $this->server->call('GET', "documents/$document/archives")['archives']);
    }
}
