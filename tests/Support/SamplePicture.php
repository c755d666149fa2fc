<?php

declare(strict_types=1);

namespace Tests\Support;

use GdImage;

/** Made-up pictures: four fields of one colour each, with which every crop can be told. */
final class SamplePicture
{
    /** of the fields: top left, top right, bottom left, bottom right */
    public const COLOURS = [[200, 30, 30], [30, 160, 60], [30, 60, 200], [230, 200, 40]];

    /** @param  int  $shade  0 to 20: another picture with the same fields */
    public static function png(int $width, int $height, int $shade = 0): string
    {
        return self::written(self::image($width, $height, $shade), static fn (GdImage $image) => imagepng($image));
    }

    public static function jpeg(int $width, int $height, int $shade = 0): string
    {
        return self::written(self::image($width, $height, $shade), static fn (GdImage $image) => imagejpeg($image, null, 95));
    }

    public static function webp(int $width, int $height): string
    {
        return self::written(self::image($width, $height, 0), static fn (GdImage $image) => imagewebp($image, null, IMG_WEBP_LOSSLESS));
    }

    /** @return array{int, int, int} the colour at a point of a PNG */
    public static function colourAt(string $png, int $x, int $y): array
    {
        $image = imagecreatefromstring($png);
        assert($image !== false);
        $colour = imagecolorsforindex($image, (int) imagecolorat($image, $x, $y));

        return [$colour['red'], $colour['green'], $colour['blue']];
    }

    private static function image(int $width, int $height, int $shade): GdImage
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        [$middle, $half] = [intdiv($width, 2), intdiv($height, 2)];
        foreach (self::COLOURS as $i => [$red, $green, $blue]) {
            [$left, $top] = [$i % 2 === 0 ? 0 : $middle, $i < 2 ? 0 : $half];
            imagefilledrectangle($image, $left, $top, $i % 2 === 0 ? $middle - 1 : $width, $i < 2 ? $half - 1 : $height, (int) imagecolorallocate($image, $red + $shade, $green + $shade, $blue + $shade));
        }

        return $image;
    }

    /** @param  callable(GdImage): bool  $write */
    private static function written(GdImage $image, callable $write): string
    {
        ob_start();
        $write($image);

        return (string) ob_get_clean();
    }
}
