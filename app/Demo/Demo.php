<?php

declare(strict_types=1);

namespace App\Demo;

use AllSquare\Core\Geometry\Unit;
use App\Documents\SheetBook;
use App\Icons\IconSet;
use App\Models\Document;
use App\Pictures\PictureLibrary;
use App\Pictures\PictureStore;
use App\Running\CommandRunner;
use RuntimeException;

/** The shelf as a newcomer finds it: a document of screens, one of print, one of icons. */
final readonly class Demo
{
    public function __construct(private MerrowSound $screens, private SheetBook $book, private CommandRunner $runner, private IconSet $icons, private PictureStore $pictures)
    {
    }

    /** @return list<Document> the one that stands first on the shelf first */
    public function load(): array
    {
        $others = [$this->prints(), $this->emblems()];
        foreach ($others as $i => $document) {
            $document->history()->delete();
            // What was changed last stands first.
            $document->timestamps = false;
            $document->forceFill(['updated_at' => now()->subMinutes($i + 1)])->save();
        }

        return [$this->screens->load(), ...$others];
    }

    private function prints(): Document
    {
        $sheets = new PrintSheets;
        $document = $this->book->create('Merrow Sound, print', 'Banner', 1280, 800, Unit::Px, 96);
        $entry = (new PictureLibrary(resource_path('pictures'), true))->picture('ferry-at-dusk') ?? throw new RuntimeException('The library has no such picture.');
        $sheets->banner(new SheetScript($this->runner, $document->sheets()->firstOrFail()), $this->pictures->keep($entry['svg'], $entry['name'], $entry['credit'])['picture']);
        $sheets->log($this->script($document, 'Log page', 800, 1100));
        $sheets->matrices($this->script($document, 'Minutes', 1040, 832));

        return $document;
    }

    private function emblems(): Document
    {
        $sheets = new EmblemSheets($this->icons);
        $document = $this->book->create('Merrow Sound, icons', 'Compass', 1080, 1080, Unit::Px, 96);
        $sheets->compass(new SheetScript($this->runner, $document->sheets()->firstOrFail()));
        $sheets->seal($this->script($document, 'Seal', 1040, 560));
        $sheets->steps($this->script($document, 'Steps', 1200, 232));
        $sheets->faces($this->script($document, 'Faces', 540, 240));

        return $document;
    }

    private function script(Document $document, string $name, float $width, float $height): SheetScript
    {
        return SheetScript::onNew($this->runner, $this->book, $document, $name, $width, $height);
    }
}
