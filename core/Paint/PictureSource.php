<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

/** Where drawings take the pictures from that stand in them. */
interface PictureSource
{
    /**
     * @param  string  $key  of a picture
     * @param  float  $pixels  its longer side as it is painted, px; INF where all that there is of it is wanted
     * @return string|null a data URI (RFC 2397) of PNG or JPEG that has at least as many, where there are as many; null where it is not kept any more
     */
    public function uri(string $key, float $pixels): ?string;
}
