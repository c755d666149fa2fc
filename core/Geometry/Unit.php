<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

/** The units a length can be given in. 1 in = 2.54 cm = 25.4 mm = 72 pt = 6 pc = ppi pixels of the sheet. */
enum Unit: string
{
    case Px = 'px';
    case Pt = 'pt';
    case Pc = 'pc';
    case Mm = 'mm';
    case Cm = 'cm';
    case In = 'in';

    /**
     * @param  float  $ppi  pixels per inch of the sheet, above 0
     * @return float pixels of the sheet that one of this unit is
     */
    public function pixels(float $ppi): float
    {
        return match ($this) {
            self::Px => 1.0,
            self::Pt => $ppi / 72,
            self::Pc => $ppi / 6,
            self::Mm => $ppi / 25.4,
            self::Cm => $ppi / 2.54,
            self::In => $ppi,
        };
    }
}
