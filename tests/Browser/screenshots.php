<?php

declare(strict_types=1);

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
$browser->press('Align tops');
$browser->waitForStatus('Aligned 4 cards');
$browser->press('Even out across');
$browser->waitForStatus('Spaced 4 cards');
$browser->pointer(700, 560)->perform();
$shoot('desk');

$browser->press('Slices');
$browser->press('Cut 4 slices');
$browser->waitForStatus('Cut 4 slices');
$browser->pointer(700, 560)->perform();
$shoot('slices');

$browser->press('Contents');
$browser->clickSheet(200, 140);
$browser->press('Look');
$browser->see('.open-drawer .colour');
$browser->pointer(700, 560)->perform();
$shoot('look');
$browser->press('Look');

$browser->clickSheet(700, -20);
$browser->keys('?');
$browser->see('[role=dialog] dl');
$shoot('keys');

$browser->visit("/d/$document/{$kiosk['id']}/hand-over");
$browser->see('.size');
$shoot('hand-over');

$browser->close();
$server->stop();
$data->remove();
