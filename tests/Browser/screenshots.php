<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;
use Tests\Support\DataFolder;
use Tests\Support\RunningServer;
use Tests\Support\Waiting;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$folder = dirname(__DIR__, 2).'/docs/screenshots';
$data = new DataFolder;
$server = new RunningServer($data->path);
$browser = new Browser($server->address);
$shoot = static function (string $name) use ($browser, $folder): void {
    Waiting::until(static fn (): bool => (bool) $browser->run('return [...document.images].every((image) => image.complete) && document.getAnimations().every((animation) => animation.playState !== "running")'), 'the page to rest');
    $browser->shoot("$folder/$name.png");
};

$browser->visit('/');
$browser->see('.standing img');
$shoot('shelf');

['id' => $document, 'sheets' => [$kiosk, $before]] = $server->call('GET', 'documents')['documents'][0];
$browser->visit("/d/$document/{$before['id']}");
$browser->waitForSheet();
$browser->drag(20, 186, 1260, 452);
Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), '4 cards'), 'the four cards');
$browser->pointer(700, 20)->perform();
$browser->run('document.querySelector(".plane").focus()');
$browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
$browser->keys('q');
$browser->see('.square-panel');
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".understood line").length') > 20, 'what was understood');
$shoot('squaring');
$browser->keys(WebDriverKeys::ESCAPE);
$browser->clickSheet(700, -20);
$browser->keys(WebDriverKeys::F8);
Waiting::until(static fn (): bool => $browser->run('return document.activeElement.classList.contains("fix")'), 'the first of what is out of square');
$browser->waitForStatus('If pressed');
$shoot('check');
$browser->click('.stamp');
$browser->clickSheet(700, -20);
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".square-panel").length') === 0, 'the panel to go');
$browser->drag(20, 186, 1260, 452);
Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), '4 cards'), 'the four cards');
$browser->press('Align tops');
$browser->waitForStatus('Aligned 4 cards');
$browser->press('Even out across');
$browser->waitForStatus('Spaced 4 cards');
Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".well.gaps").textContent'), '24×3'), 'the gaps to be counted anew');
$browser->pointer(700, 560)->perform();
Waiting::until(static fn (): bool => ! str_contains($browser->see('.stamp')->getText(), '66'), 'what is out of square to be counted anew');
$shoot('desk');
$turn = static fn () => $browser->run('[...document.querySelectorAll("button")].find((one) => one.ariaLabel?.startsWith("Desk:")).click()');
$turn();
$turn();
$browser->waitForStatus('dark desk');
$shoot('dark');
$turn();

// The grid with what is measured by pointing; a drag with its sight lines and the room round it.
$browser->visit("/d/$document/{$kiosk['id']}");
$browser->waitForSheet();
$browser->click('.panels [role=tab]:nth-child(2)');
$browser->clickSheet(640, -20);
$browser->keys('c');
$browser->keys('m');
$browser->clickSheet(200, 440);
$browser->clickSheet(1080, 430);
[$x, $y] = $browser->onScreen(1060, 680);
$browser->pointer($x, $y)->perform();
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".measures .measure").length') > 2, 'the distances');
$shoot('grid-measure');
$browser->visit("/d/$document/{$before['id']}");
$browser->waitForSheet();
[$x, $y] = $browser->onScreen(500, 430);
[$toX, $toY] = $browser->onScreen(492, 425);
$browser->pointer($x, $y)->clickAndHold()->moveByOffset(6, 6)->perform();
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights").length') > 0, 'what it can snap to');
$browser->pointer($toX, $toY)->perform();
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".sights > line").length') > 0, 'the sight lines');
$shoot('snapping');
$browser->driver->action()->release()->perform();

// A dial whose marks are a series; a banner turned as one before its picture.
$others = array_column($server->call('GET', 'documents')['documents'], null, 'name');
$show = static function (string $name, float $x, float $y, bool $double, string $until) use ($browser, $others): void {
    ['id' => $of, 'sheets' => [$first]] = $others[$name];
    $browser->visit("/d/$of/{$first['id']}");
    $browser->waitForSheet();
    $browser->clickSheet($x, $y, $double);
    $browser->see($until);
    $browser->pointer(700, 20)->perform();
};
$show('Merrow Sound, icons', 540, 200, true, '[name="series count"]');
$shoot('series');
$show('Merrow Sound, print', 640, 400, false, '[name=angle]');
$shoot('banner');

// The points of a road that bends round a building; a table worked in, with a column chosen.
$sheets = array_column($server->call('GET', "documents/$document")['sheets'], 'id', 'name');
$browser->visit("/d/$document/{$sheets['Sailing notice']}");
$browser->waitForSheet();
$choose = static fn (string $name) => $browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.trim() === arguments[0]).click()', $name);
$browser->press('Type');
$choose('07.15');
Waiting::until(static fn (): bool => str_contains((string) $browser->run('return document.querySelector(".type-drawer").textContent'), 'Space to what follows'), 'what is set of the text');
$shoot('type');
$choose('The boats are small and the sea is not.…');
$browser->run('document.querySelector(".plane").focus()');
$browser->keys('f');
$browser->keys(WebDriverKeys::ENTER);
$browser->see('textarea.editor');
Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".writing .letters path") !== null'), 'the words to be shown');
$browser->run('const field = document.querySelector("textarea.editor"); field.setSelectionRange(111, 137); document.dispatchEvent(new Event("selectionchange"))');
Waiting::until(static fn (): bool => str_contains($browser->see('.type-drawer h2')->getText(), '26 letters'), 'the selection');
$shoot('writing');
$browser->keys(WebDriverKeys::ESCAPE);

$browser->visit("/d/$document/{$sheets['Harbour chart']}");
$browser->waitForSheet();
$browser->clickSheet(660, 560);
Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), 'Quay road'), 'the road');
$browser->keys(WebDriverKeys::ENTER);
$browser->see('[data-point]');
$browser->clickSheet(300, 500);
Waiting::until(static fn (): bool => str_contains($browser->see('.place h3')->getText(), '2 points of Quay road'), 'a part of the road');
$browser->pointer(700, 20)->perform();
$shoot('points');
$browser->visit("/d/$document/{$sheets['Fares']}");
$browser->waitForSheet();
$browser->clickSheet(430, 310, double: true);
$browser->see('[data-bar]');
$bar = $browser->run('const box = document.querySelector("[data-bar=x2]").getBoundingClientRect(); return [Math.round(box.x + 20), Math.round(box.y + 6)];');
$browser->pointer(...$bar)->click()->perform();
$browser->see('.bar.all');
$browser->pointer(700, 20)->perform();
$shoot('tables');

// A page of rails at two widths, the page itself selected.
$browser->visit("/d/$document/{$sheets['My account']}");
$browser->waitForSheet();
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".beside [data-item]").length') > 20, 'the other width');
$browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.trim() === "My account").click()');
$browser->see('[name="rail gap"]');
Waiting::until(static fn (): bool => $browser->run('return document.querySelectorAll(".twins polygon").length') === 1, 'where it stands there');
$browser->pointer(700, 20)->perform();
$shoot('rails');

// An invitation, its picture selected, with the library beside it; a process made of kits, with icons in its rounds.
$open = static function (string $sheet, string $sort) use ($browser, $document): void {
    $browser->visit("/d/$document/$sheet");
    $browser->waitForSheet();
    $browser->run('[...document.querySelectorAll("[role=tab]")].find((tab) => tab.textContent.trim() === "Kits").click()');
    $browser->see('.sorts');
    $browser->run('[...document.querySelectorAll(".sorts button")].find((one) => one.textContent.trim() === arguments[0]).click()', $sort);
    $browser->see('[data-cell]');
};
$open($sheets['Harbour fair'], 'Pictures');
$browser->clickSheet(600, 100);
$browser->press('Look');
$browser->see('.picture .small img');
$browser->pointer(700, 20)->perform();
$shoot('pictures');
$browser->press('Look');
$steps = $server->call('POST', "documents/$document/sheets", ['name' => 'Boarding', 'width' => 1120, 'height' => 520]);
$run = static fn (string $command, array $params, array $items = []): array => $server->call('POST', "sheets/{$steps['id']}/commands", ['command' => $command, 'params' => (object) $params, 'items' => $items]);
$rounds = [];
foreach ([['card', 224, 262], ['step', 560, 150], ['step', 560, 262], ['step', 560, 374], ['notice', 888, 150], ['buttons', 888, 262], ['key-figure', 888, 390]] as [$kit, $x, $y]) {
    $made = $run('add-kit', ['kit' => $kit, 'x' => $x, 'y' => $y])['created'];
    array_push($rounds, ...array_column(array_filter($made, static fn (array $item): bool => $item['name'] === 'Round'), 'id'));
    $run('delete', [], array_column(array_filter($made, static fn (array $item): bool => $item['name'] === 'Figure' && $kit === 'step'), 'id'));
}
$found = static fn (string $words): array => $server->call('GET', 'icons?most=1&search='.rawurlencode($words))['icons'][0];
$run('add-icons', ['icons' => [$found('ticket'), $found('anchor'), $found('ship')]], $rounds);
$open($steps['id'], 'Kits');
$browser->run('document.querySelector(".plane").focus()');
$browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
Waiting::until(static fn (): bool => (bool) $browser->run('return [...document.querySelectorAll(".seen img")].every((image) => image.complete && image.naturalWidth > 0)'), 'every kit to be seen');
$browser->pointer(700, 20)->perform();
$shoot('kits');

// The icons handed over twice, one of them changed in between; a screen with its measures.
$icons = array_values(array_filter($server->call('GET', "documents/$document")['sheets'], static fn (array $sheet): bool => $sheet['name'] === 'Icons'))[0];
$order = ['scales' => ['1x', '2x', '3x'], 'formats' => ['png', 'svg']];
$id = $server->call('POST', "sheets/{$icons['id']}/export", $order)['id'];
Waiting::until(static fn (): bool => $server->call('GET', "archives/$id")['state'] === 'done', 'the first archive', 90);
$sun = current(array_filter($server->call('GET', "sheets/{$icons['id']}")['items'], static fn (array $item): bool => $item['kind'] === 'round' && $item['fields']['fill'] === '#e9b949'));
$server->call('POST', "sheets/{$icons['id']}/commands", ['command' => 'set', 'items' => [$sun['id']], 'params' => ['fill' => '#c98a1b']]);
$browser->visit("/d/$document/{$icons['id']}/hand-over");
$browser->press('Phone, 1x to 3x');
$browser->press('SVG');
Waiting::until(static fn (): bool => str_contains($browser->see('.head')->getText(), '96 files'), 'the files');
$browser->press('Make the archive');
Waiting::until(static fn (): bool => str_contains($browser->see('[aria-label=Archives]')->getText(), '4 changed'), 'the second archive', 90);
$browser->run('document.querySelector(".left").scrollTo(0, 9999)');
$browser->pointer(1000, 20)->perform();
$shoot('hand-over');

$browser->visit("/d/$document/{$kiosk['id']}/measured");
Waiting::until(static fn (): bool => (int) $browser->run('return document.querySelector(".drawing")?.naturalWidth ?? 0') > 0, 'the drawing');
$shoot('measured');

// Another arrangement of the invitation, compared with the first.
$fair = array_values(array_filter($server->call('GET', "documents/$document")['sheets'], static fn (array $sheet): bool => $sheet['name'] === 'Harbour fair'))[0];
$airy = $server->call('POST', "sheets/{$fair['id']}/variants", ['name' => 'Harbour fair, words first'])['id'];
$things = array_column($server->call('GET', "sheets/$airy")['items'], null, 'name');
$on = static fn (string $command, string $name, array $params): array => $server->call('POST', "sheets/$airy/commands", ['command' => $command, 'items' => [$things[$name]['id']], 'params' => $params]);
$on('place', 'Ferry at dusk', ['x' => 0]);
foreach (['Merrow Sound', '12', 'June'] as $name) {
    $on('move-by', $name, ['dx' => $things['Ferry at dusk']['frame']['w'], 'dy' => 0]);
}
$on('set', '12', ['fill' => '#a83a24']);
$on('move-by', 'Harbour fair', ['dx' => 0, 'dy' => -8]);
$browser->visit("/d/$document/{$fair['id']}/compare?with=$airy");
Waiting::until(static fn (): bool => (int) $browser->run('return document.querySelectorAll(".list .row").length') === 6, 'the differences');
$browser->click('.list .says');
$shoot('compare');

$browser->close();
$server->stop();
$data->remove();
