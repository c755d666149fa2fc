<?php

declare(strict_types=1);

namespace App\Demo;

use AllSquare\Core\Geometry\Unit;
use App\Documents\PageWidths;
use App\Documents\SheetBook;
use App\Icons\IconSet;
use App\Models\Document;
use App\Pictures\PictureStore;
use App\Running\CommandRunner;

/** The demo document: a made-up ferry line. It is drawn by commands; its history begins when it is done. */
final readonly class MerrowSound
{
    public function __construct(private SheetBook $book, private CommandRunner $runner, private IconSet $icons, private PictureStore $pictures, private PageWidths $widths)
    {
    }

    public function load(): Document
    {
        $document = $this->book->create('Merrow Sound Ferries', 'Kiosk', 1280, 800, Unit::Px, 96);
        $kiosk = $document->sheets()->firstOrFail();
        $cards = (new KioskSheet(new SheetScript($this->runner, $kiosk)))->draw();
        $before = $this->book->copy($kiosk->refresh());
        $this->book->set($before, 'Kiosk, before squaring', null);
        (new UnsquaredKiosk(new SheetScript($this->runner, $before)))->draw();
        (new PhoneSheet($this->script($document, 'Kiosk, phone', 390, 844)))->draw();
        (new IconSheet($this->script($document, 'Icons', 568, 392)))->draw();
        (new BoardingCardSheet($this->script($document, 'Boarding card', 720, 320)))->draw();
        (new CrossingSheet($this->script($document, 'How a crossing works', 1120, 520)))->draw();
        (new HarbourChart($this->script($document, 'Harbour chart', 1000, 640)))->draw();
        (new SailingNotice(new SheetScript($this->runner, $this->book->add($document, 'Sailing notice', 110, 200, Unit::Mm, 150))))->draw();
        (new HarbourFair($this->script($document, 'Harbour fair', 720, 960), $this->icons, $this->pictures))->draw();
        (new FaresSheet($this->script($document, 'Fares', 1120, 560)))->draw();
        (new TimetableSheet($this->script($document, 'Timetable', 1120, 808)))->draw();
        (new AccountSheet($account = $this->script($document, 'My account', 1280, 912)))->draw();
        $this->widths->add($account->sheet->refresh(), 390, 'My account, phone');
        $script = new SheetScript($this->runner, $kiosk);
        $script->run('add-slice', $cards, ['follow' => true]);
        $script->run('keep-grid', [], ['name' => 'Kiosk, four columns']);
        $script->run('add-dimension', [], ['a' => $cards[0], 'b' => $cards[1], 'axis' => 'x']);
        $document->history()->delete();

        return $document;
    }

    private function script(Document $document, string $name, float $width, float $height): SheetScript
    {
        return SheetScript::onNew($this->runner, $this->book, $document, $name, $width, $height);
    }
}
