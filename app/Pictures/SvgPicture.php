<?php

declare(strict_types=1);

namespace App\Pictures;

use AllSquare\Core\Refusal;
use App\Tools\Rasteriser;
use DOMDocument;

/** An SVG as a picture: painted once, without network and files. */
final class SvgPicture
{
    /** px of the longer side it is painted with */
    private const SIDE = 2048;

    public static function isOne(string $bytes): bool
    {
        return preg_match('/^(\xEF\xBB\xBF)?\s*(<\?xml[^>]*\?>\s*)?(<!--.*?-->\s*)*(<!DOCTYPE[^>[]*(\[.*?\])?\s*>\s*)?<svg\b/s', substr($bytes, 0, 20_000)) === 1;
    }

    /** @throws Refusal when it cannot be painted */
    public static function taken(string $bytes, Rasteriser $rasteriser): TakenPicture
    {
        if (stripos($bytes, '<!ENTITY') !== false || strlen($bytes) > 4 * 1024 * 1024) {
            throw Refusal::because('This SVG cannot be used as a picture: it defines entities, or is larger than 4 MB.', 'file');
        }
        $document = new DOMDocument;
        if (! @$document->loadXML($bytes, LIBXML_NONET | LIBXML_COMPACT) || $document->documentElement === null) {
            throw Refusal::because('This SVG cannot be read.', 'file');
        }
        $png = $rasteriser->png($bytes, self::SIDE);
        [$width, $height] = getimagesizefromstring($png) ?: [0, 0];
        PictureFiles::refuseTooLarge((int) $width, (int) $height);

        return new TakenPicture($png, 'png', (int) $width, (int) $height, [sprintf('It was painted at %s × %s px.', number_format((int) $width), number_format((int) $height))]);
    }
}
