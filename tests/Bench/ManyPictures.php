<?php

declare(strict_types=1);

namespace Tests\Bench;

use GdImage;
use Tests\Browser\Support\Browser;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

/** A sheet with 60 pictures of 12 megapixels, and one with as many boxes in their places. */
final class ManyPictures
{
    private const COUNT = 60;

    private const ACROSS = 10;

    public readonly string $document;

    /** @var array<string, string> ids of the sheets, by what is on them */
    private array $sheets = [];

    /** @var array<string, string> by sheet, the id of the thing that is dragged */
    private array $dragged = [];

    /** seconds that bringing them along took, each */
    public readonly float $brought;

    public function __construct(private readonly RunningServer $server)
    {
        $made = $server->call('POST', 'documents', ['name' => 'Pictures', 'sheet' => ['name' => 'Pictures', 'width' => 3400, 'height' => 1600]]);
        $this->document = $made['id'];
        $this->sheets = ['pictures' => $made['sheets'][0]['id'], 'boxes' => $server->call('POST', "documents/{$made['id']}/sheets", ['name' => 'Boxes', 'width' => 3400, 'height' => 1600])['id']];
        $seconds = 0.0;
        foreach (range(0, self::COUNT - 1) as $i) {
            $file = self::photograph($i);
            $begun = microtime(true);
            $picture = $server->send('POST', "pictures?name=$i.jpg", $file, 'application/octet-stream')['picture'];
            $seconds += microtime(true) - $begun;
            $place = ['x' => 40 + $i % self::ACROSS * 332, 'y' => 40 + intdiv($i, self::ACROSS) * 256, 'w' => 300, 'h' => 225];
            $this->put('pictures', ['kind' => 'picture', 'picture' => $picture, ...$place]);
            $this->put('boxes', ['kind' => 'box', 'fill' => '#17614f', ...$place]);
        }
        $this->brought = $seconds / self::COUNT;
        foreach (array_keys($this->sheets) as $what) {
            $this->dragged[$what] = $this->put($what, ['kind' => 'box', 'x' => 500, 'y' => 500, 'w' => 120, 'h' => 90]);
        }
    }

    /** @param  array<string, mixed>  $params */
    private function put(string $what, array $params): string
    {
        return $this->server->call('POST', "sheets/{$this->sheets[$what]}/commands", ['command' => 'add-item', 'params' => $params])['created'][0]['id'];
    }

    /** @return float s from opening it until every picture is there, which the browser has not seen before; it has seen the application */
    public function shown(Browser $browser): float
    {
        $browser->visit("/d/$this->document/{$this->sheets['boxes']}");
        $browser->waitForSheet();
        $browser->visit("/d/$this->document/{$this->sheets['pictures']}");
        $browser->waitForSheet();
        Waiting::until(fn (): bool => $browser->run('return document.querySelectorAll(".layer image").length >= arguments[0] && performance.getEntriesByType("resource").filter((one) => one.name.includes("/api/pictures/") && one.responseEnd > 0).length >= arguments[0]', self::COUNT), 'all pictures to be there');

        return (float) $browser->driver->executeAsyncScript('const done = arguments[0]; const all = [...document.querySelectorAll(".layer image")]; Promise.all(all.map((one) => { const image = new Image(); image.src = one.href.baseVal; return image.decode(); })).then(() => requestAnimationFrame(() => requestAnimationFrame(() => done(Math.max(...performance.getEntriesByType("resource").filter((one) => one.name.includes("/api/pictures/")).map((one) => one.responseEnd)) / 1000))))');
    }

    /** @return list<float> ms of the frames while a thing is dragged over them */
    public function dragging(Browser $browser, string $what): array
    {
        $browser->visit("/d/$this->document/{$this->sheets[$what]}");
        $browser->waitForSheet();
        [$x, $y] = $browser->run('const b = document.querySelector(`[data-item="${arguments[0]}"]`).getBoundingClientRect(); return [Math.round(b.x + b.width / 2), Math.round(b.y + b.height / 2)];', $this->dragged[$what]);

        return Frames::dragging($browser, (int) $x, (int) $y);
    }

    /** 4,000 × 3,000 px with as much going on in them as in a photograph. */
    private static function photograph(int $seed): string
    {
        $small = imagecreatetruecolor(250, 188);
        mt_srand($seed);
        for ($y = 0; $y < 188; $y++) {
            for ($x = 0; $x < 250; $x++) {
                $light = mt_rand(0, 90) + (int) ($y * 0.6);
                imagesetpixel($small, $x, $y, (int) imagecolorallocate($small, min(255, $light + $seed), $light, max(0, 200 - $light)));
            }
        }
        $large = imagescale($small, 4000, 3000, IMG_BILINEAR_FIXED);
        assert($large instanceof GdImage);
        ob_start();
        imagejpeg($large, null, 88);

        return (string) ob_get_clean();
    }
}
