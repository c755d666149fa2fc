<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;

/** The file of a picture that something shows is gone from the data folder. */
final class MissingPicture extends RuntimeException
{
    public static function of(string $picture): self
    {
        return new self("The picture $picture is not kept any more.");
    }
}
