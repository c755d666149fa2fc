<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Sheet;
use AllSquare\Core\Sheet\Slice;

/** Which files slices become, what they are called, and what is to be known about them beforehand. */
final readonly class HandingOver
{
    public const LONGEST_SIDE = 16_000;

    /** times its pixels up to which a picture counts as not enlarged */
    private const SHARP = 1.0005;

    /**
     * @param  list<Asset>  $assets  in the order of their slices
     * @param  list<Warning>  $warnings
     */
    private function __construct(public array $assets, public array $warnings)
    {
    }

    /**
     * @param  list<Slice>  $slices
     * @param  FileNames  $names  those given out already in the same archive
     */
    public static function of(Sheet $sheet, array $slices, HandOverSettings $settings, Areas $areas, FileNames $names = new FileNames): self
    {
        $assets = $warnings = [];
        foreach ($slices as $slice) {
            [$stem, $why] = $names->put($slice->name);
            $area = $areas->of($slice);
            $colour = ($slice->cut->background ?? $settings->background)->colour($sheet->background);
            $scales = $slice->cut->scales ?? $settings->scales;
            $formats = $slice->cut->formats ?? $settings->formats;
            foreach ($formats as $format) {
                foreach ($format->isRaster() ? $scales : [null] as $scale) {
                    $assets[] = new Asset(
                        $slice, $format, $scale, FileNames::file($stem, $scale, $format), $area,
                        ($scale ?? Scale::read(1))->pixels($area),
                        $format->canBeClear() ? $colour : $colour ?? $sheet->background ?? '#ffffff',
                        $slice->cut->quality ?? $settings->quality,
                        $areas->taken($slice),
                    );
                }
            }
            $isRaster = array_filter($formats, static fn (FileFormat $format): bool => $format->isRaster()) !== [];
            array_push($warnings, ...self::warnings($sheet, $slice, $area, $isRaster ? $scales : [], $areas));
            if ($why !== null) {
                $warnings[] = new Warning($slice->id, Warning::RENAMED, "becomes \"$stem\": $why");
            }
            if ($colour === null && in_array(FileFormat::Jpeg, $formats, true)) {
                $warnings[] = new Warning($slice->id, Warning::NOT_CLEAR, 'JPEG cannot be clear; it is painted on '.($sheet->background ?? '#ffffff'));
            }
        }

        return new self($assets, $warnings);
    }

    /**
     * @param  list<Scale>  $scales
     * @return list<Warning>
     */
    private static function warnings(Sheet $sheet, Slice $slice, Rect $area, array $scales, Areas $areas): array
    {
        $warnings = [];
        $say = static function (string $kind, string $text) use (&$warnings, $slice): void {
            $warnings[] = new Warning($slice->id, $kind, $text);
        };
        $off = array_filter($area->toArray(), static fn (float $length): bool => ! Length::isWhole($length));
        if ($off !== []) {
            $say(Warning::OFF_PIXEL, 'off the pixel: '.implode(', ', array_map(static fn (string $side, float $length): string => "$side ".Length::text($length), array_keys($off), $off)));
        }
        foreach ($scales as $scale) {
            [$w, $h] = $scale->pixels($area);
            if (max($w, $h) > self::LONGEST_SIDE) {
                $say(Warning::TOO_LARGE, sprintf('%s would be %s × %s; a picture is %s px wide and high at most', $scale->text(), number_format($w), number_format($h), number_format(self::LONGEST_SIDE)));
            } elseif ($off === [] && ! $scale->isWhole($area)) {
                [$exactW, $exactH] = $scale->exact($area);
                $isMendable = $scale->step() !== null;
                if (! $isMendable && $exactW === (float) $w && $exactH === (float) $h) {
                    continue;
                }
                $say($isMendable ? Warning::FRACTION : Warning::ROUNDED, $exactW === (float) $w && $exactH === (float) $h
                    ? sprintf('%s falls between pixels: it begins at %s, %s', $scale->text(), Length::text($area->x * $scale->factor($area)), Length::text($area->y * $scale->factor($area)))
                    : sprintf('%s is %s × %s, and becomes %d × %d', $scale->text(), Length::text($exactW), Length::text($exactH), $w, $h));
            }
        }
        $coarse = self::coarse($areas->pictures($slice), $area, $scales === [] ? [Scale::read(1)] : $scales);
        $coarse === null || $say(Warning::COARSE, $coarse);
        if ($areas->isEmpty($slice)) {
            $say(Warning::EMPTY, 'nothing is painted in it');
        }
        $isOutside = $slice->box->x < 0 || $slice->box->y < 0 || $slice->box->right() > $sheet->width() || $slice->box->bottom() > $sheet->height();
        if ($isOutside) {
            $say(Warning::OUTSIDE, 'reaches past the edge of the sheet');
        }

        return $warnings;
    }

    /**
     * What is to be said of pictures that are painted larger than they are: of the largest size that they are painted at.
     *
     * @param  list<Item>  $pictures
     * @param  non-empty-list<Scale>  $scales
     */
    private static function coarse(array $pictures, Rect $area, array $scales): ?string
    {
        usort($scales, static fn (Scale $a, Scale $b): int => $b->factor($area) <=> $a->factor($area));
        $times = [];
        foreach ($pictures as $item) {
            $is = $item->kind instanceof HasPicture ? $item->kind->magnification($item) * $scales[0]->factor($area) : 0.0;
            if ($is > self::SHARP) {
                $times[] = [$is, $item->name];
            }
        }
        if ($times === []) {
            return null;
        }
        rsort($times);
        [$most, $name] = $times[0];

        return sprintf('at %s, "%s" is painted at %s %% of its pixels%s', $scales[0]->text(), mb_strimwidth($name, 0, 40, '…'), Length::text(round($most * 100)), count($times) > 1 ? ', and '.(count($times) - 1).' more above 100 %' : '');
    }
}
