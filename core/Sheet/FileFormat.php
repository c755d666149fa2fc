<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** As what a slice is written. */
enum FileFormat: string
{
    case Png = 'png';
    case Jpeg = 'jpeg';
    case Webp = 'webp';
    case Svg = 'svg';
    case Pdf = 'pdf';

    public function extension(): string
    {
        return $this === self::Jpeg ? 'jpg' : $this->value;
    }

    /** Whether it is made of pixels: one file for each size, instead of one that fits all. */
    public function isRaster(): bool
    {
        return $this !== self::Svg && $this !== self::Pdf;
    }

    /** Whether it can be clear where nothing is painted. */
    public function canBeClear(): bool
    {
        return $this !== self::Jpeg;
    }

    public function mediaType(): string
    {
        return match ($this) {
            self::Png => 'image/png',
            self::Jpeg => 'image/jpeg',
            self::Webp => 'image/webp',
            self::Svg => 'image/svg+xml',
            self::Pdf => 'application/pdf',
        };
    }
}
