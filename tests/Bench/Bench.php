<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** Everything that was asked to be fast, against its figure. */
final class Bench
{
    private readonly Figures $figures;

    public function __construct()
    {
        $this->figures = new Figures;
    }

    /** @param  string|null  $part  "intent" for what is made of layouts, and how fast; "shapes" for looks and paths, "type" for texts, "svg" for what is taken in, "pictures", "rails", "tables", "check", "jobs"; all without it */
    public function run(?string $part): int
    {
        if (! in_array($part, [null, 'intent', 'shapes', 'type', 'svg', 'pictures', 'rails', 'tables', 'check', 'jobs'], true)) {
            fwrite(STDERR, "unknown part \"$part\". There is: intent, shapes, type, svg, pictures, rails, tables, check, jobs\n");

            return 2;
        }
        if (in_array($part, [null, 'svg'], true)) {
            (new IconSet($this->figures))->print();
        }
        if (in_array($part, [null, 'intent'], true)) {
            (new IntentTable($this->figures))->print();
        }
        if (in_array($part, [null, 'jobs'], true)) {
            (new JobTimes($this->figures))->print();
        }
        $data = new DataFolder;
        $server = new RunningServer($data->path, ['--empty']);
        try {
            match ($part) {
                'intent' => $this->squaring($server),
                'shapes' => $this->shapes($server, new LargeSheet($server)),
                'type' => $this->type($server, new LargeSheet($server)),
                'pictures' => $this->pictures($server),
                'rails' => $this->rails($server, new LargeSheet($server)),
                'tables' => $this->tables($server),
                'check' => $this->check($server, new LargeSheet($server)),
                'svg', 'jobs' => null,
                default => $this->everything($server),
            };
        } finally {
            $server->stop();
            $data->remove();
        }
        echo $this->figures->areKept() ? "All figures are kept.\n" : "Some figures are not kept.\n";

        return $this->figures->areKept() ? 0 : 1;
    }

    private function everything(RunningServer $server): void
    {
        $this->squaring($server);
        $large = new LargeSheet($server);
        $this->requests($server, $large);
        $this->hundred($server, $large);
        $this->scattered($server, $large);
        $this->measuring($server);
        $this->browser($server, $large);
        $this->slices($server, $large);
        $this->shapes($server, $large);
        $this->type($server, $large);
        $this->pictures($server);
        $this->rails($server, $large);
        $this->tables($server);
        $this->check($server, $large);
    }

    private function shapes(RunningServer $server, LargeSheet $large): void
    {
        $this->overFigures($server, $large->sheet, (new Shapes($large))->requests());
        $this->points($server);
    }

    private function type(RunningServer $server, LargeSheet $large): void
    {
        $type = new Type($large);
        $this->overFigures($server, $large->sheet, $type->requests());
        $browser = new Browser($server->address);
        try {
            $times = Stopwatch::summary($type->typing($browser));
            printf('a letter typed into 300 words until it is painted: p95 %.1f ms, median ', $times['p95']);
            $this->hold($times['median'], 50.0, 'ms');
        } finally {
            $browser->close();
        }
    }

    private function rails(RunningServer $server, LargeSheet $large): void
    {
        $rails = new Rails($large);
        $this->overFigures($server, $large->sheet, $rails->requests());
        $browser = new Browser($server->address);
        try {
            echo 'a drag within a rail, median frame: ';
            $this->hold(Stopwatch::summary($rails->dragging($server, $browser))['median'], 20.0, 'ms');
            printf('%s rails and the browser\'s flexible boxes: ', number_format(Rails::TRIED));
            $this->hold(Rails::farthest($browser), 0.02, 'px apart');
        } finally {
            $browser->close();
        }
    }

    private function tables(RunningServer $server): void
    {
        $tables = new Tables($server);
        $this->overFigures($server, $tables->sheet, $tables->requests());
        [$ours, $bare] = $tables->painting($server->address);
        printf('2,400 cells painted: %.0f ms, bare rasteriser %.0f ms; ', $ours, $bare);
        $this->hold($ours / $bare, 3.0, 'times the bare rasteriser');
        $browser = new Browser($server->address);
        try {
            echo 'what is typed into one of 2,400 cells until it is seen, median ';
            $this->hold(Stopwatch::summary($tables->typing($browser))['median'], 50.0, 'ms');
        } finally {
            $browser->close();
        }
    }

    private function check(RunningServer $server, LargeSheet $large): void
    {
        $checking = new Checking($server, $large);
        foreach ($checking->requests() as $name => $request) {
            $this->overFigures($server, $checking->sheet, [$name => $request]);
        }
    }

    private function pictures(RunningServer $server): void
    {
        $many = new ManyPictures($server);
        printf("a picture of 12 megapixels brought along: %.2f s\n", $many->brought);
        $browser = new Browser($server->address);
        try {
            echo '60 of them shown: ';
            $this->hold($many->shown($browser), 2.0, 's');
            $frames = array_map(static fn (string $what): float => Stopwatch::summary($many->dragging($browser, $what))['median'], ['boxes' => 'boxes', 'pictures' => 'pictures']);
            printf('a drag over them, median frame %.1f ms; ', $frames['pictures']);
            $this->hold($frames['pictures'] / $frames['boxes'], 1.1, 'times that over boxes');
        } finally {
            $browser->close();
        }
    }

    /** @param  array<string, array{callable(int): array{string, string, mixed}, float}>  $requests  by name, and at most how many times the floor they may take */
    private function overFigures(RunningServer $server, string $sheet, array $requests): void
    {
        $floor = ['floor' => static fn (): array => ['GET', "sheets/$sheet/revision", null]];
        foreach (self::overFloor((new Stopwatch($server->address, 80))->compare([...$floor, ...array_map(static fn (array $one): callable => $one[0], $requests)])) as $name => [$time, $ratio]) {
            printf('%s: median %.1f ms, p95 %.1f ms; ', $name, $time['median'], $time['p95']);
            $this->hold($ratio, $requests[$name][1], 'times the floor');
        }
    }

    /** A point of a path of 500 dragged. */
    private function points(RunningServer $server): void
    {
        $made = $server->call('POST', 'documents', ['name' => 'A coast', 'sheet' => ['width' => 800, 'height' => 600]]);
        $data = 'M0 150'.implode('', array_map(static fn (int $i): string => sprintf('L%d %d', $i, 150 + (int) round(150 * sin($i / 20))), range(1, 499)));
        $server->call('POST', "sheets/{$made['sheets'][0]['id']}/commands", ['command' => 'add-item', 'params' => ['kind' => 'path', 'x' => 100, 'y' => 100, 'subpaths' => $data]]);
        $browser = new Browser($server->address);
        try {
            $browser->visit("/d/{$made['id']}/{$made['sheets'][0]['id']}");
            $browser->waitForSheet();
            $browser->run('document.querySelector(".plane").focus()');
            $browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
            $browser->keys(WebDriverKeys::ENTER);
            $browser->see('[data-point]');
            [$x, $y] = $browser->run('const b = document.querySelector("[data-point]").getBoundingClientRect(); return [Math.round(b.x + b.width / 2), Math.round(b.y + b.height / 2)]');
            echo 'a point of 500 dragged, median frame: ';
            $this->hold(Stopwatch::summary(Frames::dragging($browser, $x, $y))['median'], 20.0, 'ms');
        } finally {
            $browser->close();
        }
    }

    /** Squaring up as it is shown beforehand, of a hundred to 2,000 things. */
    private function squaring(RunningServer $server): void
    {
        $watch = new Stopwatch($server->address, 40);
        $first = new NoisySheet($server, 100);
        $times = $watch->compare([
            'floor' => static fn (): array => ['GET', "sheets/$first->sheet/revision", null],
            'a hundred' => $first->squaredUp(...),
            '200 things' => (new NoisySheet($server, 200))->squaredUp(...),
            '300 things' => (new NoisySheet($server, 300))->squaredUp(...),
            '2,000 things' => (new NoisySheet($server, 2000))->squaredUp(...),
        ]);
        foreach (['300 things' => 6.0, '2,000 things' => 40.0] as $count => $most) {
            printf('squaring up %s: median %.1f ms, p95 %.1f ms; ', $count, $times[$count]['median'], $times[$count]['p95']);
            $this->hold($times[$count]['median'] / $times['floor']['median'], $most, 'times the floor');
        }
        echo 'squaring up 2,000 things: ';
        $this->hold($times['2,000 things']['median'] / $times['200 things']['median'], 15.0, 'times as long as 200');
        echo 'squaring up a hundred things, as a rehearsal: ';
        $this->hold($times['a hundred']['median'], HundredItems::DRY, 'ms');
    }

    private function requests(RunningServer $server, LargeSheet $large): void
    {
        $path = "sheets/$large->sheet/commands";
        $one = $large->items[7][3];
        $ten = array_map(static fn (array $group): string => $group[1], array_slice($large->items, 10, 10));
        $times = (new Stopwatch($server->address))->compare([
            'floor' => static fn (): array => ['GET', "sheets/$large->sheet/revision", null],
            'set on one item' => static fn (int $i): array => ['POST', $path, ['command' => 'set', 'items' => [$one], 'params' => ['x' => 10 + abs($i) % 7]]],
            'align of ten' => static fn (int $i): array => ['POST', $path, ['command' => 'align', 'items' => $ten, 'params' => ['edge' => $i % 2 ? 'left' : 'right', 'to' => 'sheet']]],
            'move of ten, dry' => static fn (): array => ['POST', $path, ['command' => 'move-by', 'items' => $ten, 'params' => ['dx' => 5], 'dry' => true]],
            'GET of the sheet' => static fn (): array => ['GET', "sheets/$large->sheet", null],
        ]);
        $floor = $times['floor']['median'];
        printf("floor: median %.1f ms, p95 %.1f ms\n", $floor, $times['floor']['p95']);
        foreach (['set on one item' => 3.0, 'align of ten' => 3.0, 'move of ten, dry' => 3.0, 'GET of the sheet' => 3.0] as $name => $most) {
            printf('%s: median %.1f ms, p95 %.1f ms; ', $name, $times[$name]['median'], $times[$name]['p95']);
            $this->hold($times[$name]['median'] / $floor, $most, 'times the floor');
        }
        $bytes = strlen((string) file_get_contents("$server->address/api/sheets/$large->sheet"));
        echo 'the sheet: ';
        $this->hold($bytes / 1e6, 1.5, 'MB');
    }

    private function hundred(RunningServer $server, LargeSheet $large): void
    {
        $hundred = new HundredItems($large);
        $dry = $hundred->dryRuns();
        $floor = ['floor' => static fn (): array => ['GET', "sheets/$large->sheet/revision", null]];
        $watch = new Stopwatch($server->address);
        // One after the other: the changes move what the dry runs are measured on.
        foreach ([...self::overFloor($watch->compare([...$floor, ...$dry])), ...self::overFloor($watch->compare([...$floor, ...$hundred->changes()]))] as $name => [$time, $ratio]) {
            printf('%s: median %.1f ms, p95 %.1f ms; ', $name, $time['median'], $time['p95']);
            $this->hold($ratio, HundredItems::MOST, 'times the floor');
            if (isset($dry[$name])) {
                echo '  as a rehearsal: ';
                $this->hold($time['median'], HundredItems::DRY, 'ms');
            }
        }
    }

    /** Picked out of everything they are past the figure: all has to be read. Printed, and not held until that is mended. */
    private function scattered(RunningServer $server, LargeSheet $large): void
    {
        $hundred = new HundredItems($large, isScattered: true);
        $floor = ['floor' => static fn (): array => ['GET', "sheets/$large->sheet/revision", null]];
        $times = self::overFloor((new Stopwatch($server->address, 40))->compare([...$floor, ...$hundred->dryRuns(), ...array_slice($hundred->changes(), 0, 1)]));
        $ratios = array_map(static fn (array $time): float => $time[1], $times);
        printf("picked out of all groups: %.2f to %.2f times the floor; %s: %.2f\n", min($ratios), max($ratios), array_key_last($ratios), end($ratios));
    }

    /** What a drag snaps to, and the ledger, on 2,000 items; and how the ledger grows to 20,000. */
    private function measuring(RunningServer $server): void
    {
        $wide = new WideSheet($server, 95);
        $floor = static fn (): array => ['GET', "sheets/$wide->sheet/revision", null];
        $times = (new Stopwatch($server->address, 60))->compare([
            'floor' => $floor,
            'what ten of 2,000 items snap to' => static fn (): array => ['POST', "sheets/$wide->sheet/snap", ['items' => $wide->ten, 'mode' => 'move', 'tolerance' => 6]],
            'the gaps of 2,000 items' => static fn (): array => ['GET', "sheets/$wide->sheet/gaps", null],
        ]);
        foreach (['what ten of 2,000 items snap to' => 5.0, 'the gaps of 2,000 items' => 6.0] as $name => $most) {
            printf('%s: median %.1f ms, p95 %.1f ms; ', $name, $times[$name]['median'], $times[$name]['p95']);
            $this->hold($times[$name]['median'] / $times['floor']['median'], $most, 'times the floor');
        }
        $wider = new WideSheet($server, 950);
        $grown = (new Stopwatch($server->address, 7))->compare([
            'few' => static fn (): array => ['GET', "sheets/$wide->sheet/gaps", null],
            'many' => static fn (): array => ['GET', "sheets/$wider->sheet/gaps", null],
        ]);
        printf('the gaps of 20,000 items: %.0f ms; ', $grown['many']['median']);
        $this->hold($grown['many']['median'] / $grown['few']['median'], 15.0, 'times those of 2,000');
    }

    /**
     * @param  array<string, array{median: float, p95: float}>  $times  the floor's among them
     * @return array<string, array{array{median: float, p95: float}, float}> by name, without the floor: the times, and the median over the floor's
     */
    private static function overFloor(array $times): array
    {
        $floor = $times['floor']['median'];
        unset($times['floor']);

        return array_map(static fn (array $time): array => [$time, $time['median'] / $floor], $times);
    }

    private function browser(RunningServer $server, LargeSheet $large): void
    {
        $browser = new Browser($server->address);
        try {
            $shown = [];
            foreach (range(1, 3) as $_) {
                $browser->visit("/d/$large->document/$large->sheet");
                $browser->waitForSheet();
                $shown[] = (float) $browser->run('return performance.getEntriesByName("sheet-shown").at(-1).startTime');
            }
            echo 'the sheet shown: ';
            $this->hold(Stopwatch::summary($shown)['median'] / 1000, 2.0, 's');
            $frames = Stopwatch::summary($this->drag($browser, $large));
            echo 'a drag of ten, median frame: ';
            $this->hold($frames['median'], 20.0, 'ms');
            echo 'a drag of ten, p95 of the frames: ';
            $this->hold($frames['p95'], 34.0, 'ms');
        } finally {
            $browser->close();
        }
    }

    /** @return list<float> frame times of a drag of ten items with all snapping on */
    private function drag(Browser $browser, LargeSheet $large): array
    {
        $ten = array_map(static fn (array $group): string => $group[0], array_slice($large->items, 20, 10));
        foreach ($ten as $i => $id) {
            $item = $this->boundsOf($browser, $id);
            $browser->run('
                const [x, y, add] = arguments;
                const plane = document.querySelector(".plane");
                const tell = (type) => plane.dispatchEvent(new PointerEvent(type, {bubbles: true, clientX: x, clientY: y, button: 0, buttons: type === "pointerup" ? 0 : 1, pointerId: 1, shiftKey: add, ctrlKey: true}));
                plane.setPointerCapture = () => {};
                tell("pointerdown"); tell("pointerup");
            ', $item[0], $item[1], $i > 0);
        }
        Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), '10 '), 'ten items to be selected');

        return Frames::dragging($browser, ...$this->boundsOf($browser, $ten[0]));
    }

    /** @return array{int, int} the middle of an item in the page */
    private function boundsOf(Browser $browser, string $id): array
    {
        return $browser->run('const b = document.querySelector(`[data-item="${arguments[0]}"]`).getBoundingClientRect(); return [Math.round(b.x + b.width / 2), Math.round(b.y + b.height / 2)];', $id);
    }

    private function slices(RunningServer $server, LargeSheet $large): void
    {
        $many = new ManySlices($server, $large);
        [$ours, $bare] = [$many->ours(), $many->bare()];
        printf('200 slices at 1x and 2x: %.0f ms, bare rasteriser %.0f ms; ', $ours, $bare);
        $this->hold($ours / $bare, 1.15, 'times the bare rasteriser');
        $states = $many->fiveAtOnce();
        echo 'five orders at once: '.implode(', ', $states).'; ';
        $this->hold(count(array_diff($states, ['done'])), 0.0, 'failed');
        echo 'the worker held: ';
        $this->hold($many->memory(), 256.0, 'MB');
    }

    private function hold(float $value, float $most, string $unit): void
    {
        $this->figures->atMost($most, $value, $unit);
    }
}
