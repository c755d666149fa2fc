<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Text\FontFaces;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Sheet;

/** Makes sheets ready to be painted, with the fonts and pictures that they need. */
final readonly class SheetPictures
{
    public function __construct(private FontLibrary $fonts, private FontFaces $faces, private PictureSource $pictures)
    {
    }

    public function of(Sheet $sheet): SheetPicture
    {
        return new SheetPicture($sheet, $this->fonts, $this->faces, $this->pictures);
    }
}
