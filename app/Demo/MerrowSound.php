<?php

declare(strict_types=1);

namespace App\Demo;

use AllSquare\Core\Geometry\Unit;
use App\Documents\SheetBook;
use App\Models\Document;
use App\Models\Item;
use App\Models\Sheet;
use App\Running\CommandRunner;

/** The demo document: a made-up ferry line. It is drawn by commands; its history begins when it is done. */
final readonly class MerrowSound
{
    public function __construct(private SheetBook $book, private CommandRunner $runner)
    {
    }

    public function load(): Document
    {
        $document = $this->book->create('Merrow Sound Ferries', 'Kiosk', 1280, 800, Unit::Px, 96);
        $kiosk = $document->sheets()->firstOrFail();
        $cards = (new KioskSheet(new SheetScript($this->runner, $kiosk)))->draw();
        $before = $this->book->copy($kiosk->refresh());
        $this->book->set($before, 'Kiosk, before squaring', null);
        $this->unsquare(new SheetScript($this->runner, $before));
        (new PhoneSheet($this->script($document, 'Kiosk, phone', 390, 844)))->draw();
        (new IconSheet($this->script($document, 'Icons', 568, 392)))->draw();
        (new BoardingCardSheet($this->script($document, 'Boarding card', 720, 320)))->draw();
        $script = new SheetScript($this->runner, $kiosk);
        $script->run('add-slice', $cards, ['follow' => true]);
        $script->run('keep-grid', [], ['name' => 'Kiosk, four columns']);
        $script->run('add-dimension', [], ['a' => $cards[0], 'b' => $cards[1], 'axis' => 'x']);
        $document->history()->delete();

        return $document;
    }

    private function script(Document $document, string $name, float $width, float $height): SheetScript
    {
        return new SheetScript($this->runner, $this->book->add($document, $name, $width, $height, Unit::Px, 96));
    }

    /** A few pixels off here and there, as things are when they were placed by eye. */
    private function unsquare(SheetScript $script): void
    {
        $slips = [
            'Card, Skerry Point' => [0, 0],
            'Card, Harbour Road' => [-5, 3],
            'Card, Long Strand' => [3, -4],
            'Card, Gannet Isle' => [0, 5],
            'Fares' => [2, 3],
            'Pay' => [-3, -2],
        ];
        foreach ($slips as $name => [$dx, $dy]) {
            $id = $this->named($script->sheet, $name);
            if ($dx !== 0 || $dy !== 0) {
                $script->run('move-by', [$id], ['dx' => $dx, 'dy' => $dy]);
            }
        }
    }

    private function named(Sheet $sheet, string $name): string
    {
        return (string) Item::query()->toBase()->where('sheet_id', $sheet->id)->where('name', $name)->value('id');
    }
}
