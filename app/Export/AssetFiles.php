<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\MeasureKind;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Slice\Asset;
use App\Tools\FileWriting;
use App\Tools\Rasteriser;
use Generator;
use Illuminate\Support\Facades\File;

/**
 * Makes the files of a plan in a folder; what was made earlier from the same is taken over. What lies on the sheet is
 * painted once at each scale and cut out of that picture; what takes its items alone is painted by itself.
 */
final readonly class AssetFiles
{
    /** Raised when the same drawing gives other files than before. */
    private const VERSION = 1;

    /** Px of a whole sheet that is painted to be cut; a larger one is painted piece by piece. */
    private const MOST_WHOLE = 32_000_000;

    public function __construct(private Rasteriser $rasteriser, private Cutter $cutter, private MeasuredFiles $measuring)
    {
    }

    /**
     * @param  string  $folder  that is there and empty
     * @return Generator<int, MadeFile> as they are done, which is not their order
     *
     * @throws Refusal when one cannot be made
     */
    public function make(ExportPlan $plan, string $folder, MadeEarlier $stock): Generator
    {
        $fingerprints = $wholes = $alone = [];
        foreach ($plan->handingOver->assets as $i => $asset) {
            $svg = $plan->picture->asset($asset, $plan->order->settings->outlines);
            $fingerprints[$i] = hash('sha256', implode("\0", [self::VERSION, $asset->format->value, $asset->quality, $plan->order->settings->palette ? 'palette' : '', $svg]));
            $path = "$folder/$i";
            if ($stock->take($fingerprints[$i], $path)) {
                yield MadeFile::at($path, $asset->file, $fingerprints[$i], true, $asset);
            } elseif ($asset->format === FileFormat::Svg) {
                FileWriting::put($path, $svg);
                yield MadeFile::at($path, $asset->file, $fingerprints[$i], false, $asset);
            } elseif ($asset->format->isRaster() && $asset->inWhole($plan->picture->sheet) !== null && self::fits($plan->picture, $asset)) {
                $wholes["{$asset->scale?->text()} $asset->colour"][$i] = $asset;
            } else {
                $alone[$i] = $asset;
            }
        }
        foreach ($this->alone($plan->picture, $alone, $folder, $plan->order->settings->palette) as $i) {
            yield MadeFile::at("$folder/$i", $alone[$i]->file, $fingerprints[$i], false, $alone[$i]);
        }
        foreach ($this->cut($plan->picture, $wholes, $folder, $plan->order->settings->palette) as $i => $asset) {
            yield MadeFile::at("$folder/$i", $asset->file, $fingerprints[$i], false, $asset);
        }
        yield from $this->pages($plan, $folder, $stock);
        yield from $this->measured($plan, $folder);
    }

    /**
     * One picture by itself, as it would be in an archive.
     *
     * @return string its bytes
     */
    public function one(SheetPicture $picture, Asset $asset): string
    {
        $folder = sys_get_temp_dir().'/allsquare-picture-'.bin2hex(random_bytes(8));
        try {
            FileWriting::folder($folder);
            $isCut = $asset->inWhole($picture->sheet) !== null && self::fits($picture, $asset);
            iterator_count($isCut ? $this->cut($picture, ['whole' => [$asset]], $folder, false) : $this->alone($picture, [$asset], $folder, false));

            return (string) file_get_contents("$folder/0");
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private static function fits(SheetPicture $picture, Asset $asset): bool
    {
        [$w, $h] = $asset->scale?->pixels($picture->sheet->picture()) ?? [0, 0];

        return $w * $h <= self::MOST_WHOLE && max($w, $h) <= 16_000;
    }

    /**
     * @param  array<int, Asset>  $assets
     * @return Generator<int, int> their keys, as they are done
     */
    private function alone(SheetPicture $picture, array $assets, string $folder, bool $palette): Generator
    {
        $pictures = (static function () use ($picture, $assets, $folder): Generator {
            foreach ($assets as $i => $asset) {
                $svg = $picture->asset($asset, true);
                yield $i => ['svg' => $svg, 'path' => $asset->format === FileFormat::Pdf ? "$folder/$i" : "$folder/$i.painted", 'format' => $asset->format === FileFormat::Pdf ? 'pdf' : 'png'];
            }
        })();
        foreach ($this->rasteriser->files($pictures) as $i) {
            // As it comes from the rasteriser it is 8 bit RGBA, which is what was asked for.
            if ($assets[$i]->format === FileFormat::Png && ! $palette) {
                FileWriting::move("$folder/$i.painted", "$folder/$i");
            } elseif ($assets[$i]->format !== FileFormat::Pdf) {
                $this->cutter->cut("$folder/$i.painted", [['asset' => $assets[$i], 'left' => 0, 'top' => 0, 'path' => "$folder/$i"]], $palette);
                @unlink("$folder/$i.painted");
            }
            yield $i;
        }
    }

    /**
     * @param  array<string, non-empty-array<int, Asset>>  $wholes  those that are cut out of the same picture
     * @return Generator<int, Asset>
     */
    private function cut(SheetPicture $picture, array $wholes, string $folder, bool $palette): Generator
    {
        $sheet = $picture->sheet;
        $pictures = (static function () use ($picture, $sheet, $wholes, $folder): Generator {
            foreach ($wholes as $key => $assets) {
                $first = reset($assets);
                $pixels = $first->scale?->pixels($sheet->picture()) ?? [1, 1];
                yield $key => ['svg' => $picture->svg($sheet->picture(), $first->factor(), $pixels, $first->colour), 'path' => "$folder/whole ".md5($key), 'format' => 'png'];
            }
        })();
        foreach ($this->rasteriser->files($pictures) as $key) {
            $whole = "$folder/whole ".md5($key);
            foreach (array_chunk($wholes[$key], Cutter::AT_ONCE, true) as $assets) {
                $pieces = [];
                foreach ($assets as $i => $asset) {
                    [$left, $top] = $asset->inWhole($sheet) ?? [0, 0];
                    $pieces[] = ['asset' => $asset, 'left' => $left, 'top' => $top, 'path' => "$folder/$i"];
                }
                $this->cutter->cut($whole, $pieces, $palette);
                yield from $assets;
            }
            @unlink($whole);
        }
    }

    /** @return Generator<int, MadeFile> the measured sheet, which changes with the least move, so that it is always made */
    private function measured(ExportPlan $plan, string $folder): Generator
    {
        if ($plan->measured === []) {
            return;
        }
        $measured = $this->measuring->measured($plan->picture, new MeasuredSheetOptions(kinds: $plan->picture->sheet->grid->isEmpty() ? [MeasureKind::Size, MeasureKind::Gap, MeasureKind::Margin] : MeasureKind::cases()));
        foreach ($plan->measured as $format => $name) {
            $bytes = match ($format) {
                'svg' => $this->measuring->svg($plan->picture, $measured),
                'pdf' => $this->measuring->pdf($plan->picture, $measured),
                default => $this->measuring->html($plan->picture, $measured),
            };
            FileWriting::put("$folder/measured.$format", $bytes);
            yield MadeFile::at("$folder/measured.$format", $name, hash('sha256', $bytes), false);
        }
    }

    /** @return Generator<int, MadeFile> whole sheets as one PDF */
    private function pages(ExportPlan $plan, string $folder, MadeEarlier $stock): Generator
    {
        if ($plan->pdf === null || $plan->pages === []) {
            return;
        }
        $svgs = array_map($plan->page(...), $plan->pages);
        $fingerprint = hash('sha256', implode("\0", [self::VERSION, 'pages', ...$svgs]));
        $path = "$folder/pages.pdf";
        $isReused = $stock->take($fingerprint, $path);
        if (! $isReused) {
            FileWriting::put($path, $this->rasteriser->pdf($svgs));
        }
        yield MadeFile::at($path, $plan->pdf, $fingerprint, $isReused);
    }
}
