<?php

declare(strict_types=1);

namespace App\Pictures;

/** A picture as it is kept: upright, of 8 bits a channel, in sRGB, without anything but its pixels that would change them. */
final readonly class TakenPicture
{
    /**
     * @param  string  $type  png or jpg
     * @param  list<string>  $notes  what was changed about what came in, as sentences
     */
    public function __construct(public string $bytes, public string $type, public int $width, public int $height, public array $notes = [])
    {
    }
}
