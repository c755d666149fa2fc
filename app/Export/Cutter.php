<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Slice\Asset;
use App\Tools\FileWriting;
use App\Tools\Programs;

/** Makes of a painted PNG the files that were asked for: whole, or cut out of it to the pixel. */
final readonly class Cutter
{
    /** Pieces in one call of the program. */
    public const AT_ONCE = 40;

    public function __construct(private Programs $programs)
    {
    }

    /**
     * @param  string  $png  path of a picture as it was painted, 8 bit RGBA
     * @param  list<array{asset: Asset, left: int, top: int, path: string}>  $pieces
     *
     * @throws Refusal when one cannot be written
     */
    public function cut(string $png, array $pieces, bool $palette): void
    {
        if ($pieces === []) {
            return;
        }
        $arguments = ["png:$png", '-strip', '-write', 'mpr:whole', '+delete'];
        foreach ($pieces as ['asset' => $asset, 'left' => $left, 'top' => $top, 'path' => $path]) {
            array_push($arguments, ...['(', 'mpr:whole', '-crop', "{$asset->pixels[0]}x{$asset->pixels[1]}+$left+$top", '+repage', ...self::written($asset, $path), '+delete', ')']);
        }
        // Chunks with dates and gamma would make equal pictures other files.
        $this->programs->finished($this->programs->process(Programs::ENCODER, ['-define', 'png:exclude-chunks=all', ...$arguments, 'mpr:whole', 'null:']));
        foreach ($pieces as ['asset' => $asset, 'path' => $path]) {
            if (! is_file($path)) {
                throw Refusal::because(FileWriting::full());
            }
            if ($palette && $asset->format === FileFormat::Png) {
                $this->palette($path);
            }
        }
    }

    /** @return list<string> */
    private static function written(Asset $asset, string $path): array
    {
        return match ($asset->format) {
            // Colour at full resolution: edges of letters and rules stay where they are.
            FileFormat::Jpeg => ['-quality', (string) $asset->quality, '-sampling-factor', '4:4:4', '-interlace', 'none', '-write', "jpeg:$path"],
            // 100 keeps every pixel.
            FileFormat::Webp => $asset->quality === 100
                ? ['-define', 'webp:lossless=true', '-define', 'webp:exact=true', '-write', "webp:$path"]
                : ['-define', 'webp:lossless=false', '-quality', (string) $asset->quality, '-write', "webp:$path"],
            default => ['-quality', '75', '-write', ($asset->colour === null ? 'png32:' : 'png24:').$path],
        };
    }

    /** A palette where there are 256 colours at most, else as few bytes as without it: no pixel changes. */
    private function palette(string $path): void
    {
        $this->programs->finished($this->programs->process(Programs::PALETTE, ['-quiet', '-o1', '-strip', 'all', '-clobber', '-out', "$path.palette", $path]));
        FileWriting::move("$path.palette", $path);
    }
}
