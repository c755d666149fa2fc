<?php

declare(strict_types=1);

namespace App\Pictures;

use AllSquare\Core\Refusal;
use App\Tools\FileWriting;
use App\Tools\Programs;
use App\Tools\Rasteriser;

/** Reads pictures as they come, whatever they are called, and makes smaller ones of them. ImageMagick decodes, within bounds. */
final readonly class PictureFiles
{
    private const LONGEST_SIDE = 16_000;

    private const MOST_MEGAPIXELS = 100;

    /** So that decoding one takes no more memory than that; what is more goes to the disk. */
    private const LIMITS = ['-limit', 'memory', '128MiB', '-limit', 'map', '128MiB', '-limit', 'disk', '2GiB', '-limit', 'thread', '1'];

    private const BROKEN = '/premature end|truncated|corrupt|unexpected end|insufficient image data|CRC error|improper image header|not enough image data|decompression error|invalid/i';

    public function __construct(private Programs $programs, private Rasteriser $rasteriser)
    {
    }

    /** @throws Refusal when it is no picture, or one that cannot be used */
    public function taken(string $bytes): TakenPicture
    {
        if (SvgPicture::isOne($bytes)) {
            return SvgPicture::taken($bytes, $this->rasteriser);
        }
        $size = @getimagesizefromstring($bytes);
        $format = is_array($size) ? [IMAGETYPE_PNG => 'png', IMAGETYPE_JPEG => 'jpeg', IMAGETYPE_WEBP => 'webp'][$size[2]] ?? null : null;
        if (! is_array($size) || $format === null || ($format === 'png' && substr($bytes, 12, 4) !== 'IHDR')) {
            throw Refusal::because('This is no picture that can be used. PNG, JPEG, WebP and SVG can.', 'file');
        }
        self::refuseTooLarge($size[0], $size[1]);
        $path = (string) tempnam(sys_get_temp_dir(), 'picture');
        try {
            FileWriting::put($path, $bytes);

            return $this->normal($path, $format, $bytes);
        } finally {
            array_map(unlink(...), glob("$path*") ?: []);
        }
    }

    /**
     * @param  array<int, string>  $paths  of those that are to be made, by the px of their longer side
     *
     * @throws Refusal when the picture is broken
     */
    public function reduce(string $path, TakenPicture $picture, array $paths): void
    {
        $format = $picture->type === 'png' ? 'png' : 'jpeg';
        $arguments = [];
        krsort($paths);
        // Scaled by areas, which takes a quarter of the time of a filter; a JPEG is decoded no larger than it is needed.
        foreach ($paths as $size => $to) {
            array_push($arguments, '-scale', "{$size}x$size>", '-write', "$format:$to");
        }
        $this->convert([...$arguments === [] ? [] : ['-define', 'jpeg:size='.max(array_keys($paths)).'x'.max(array_keys($paths))], "$format:$path", '-strip', '-quality', $format === 'png' ? '75' : '88', ...$arguments, 'null:']);
    }

    /** @throws Refusal when there are more than can be worked with */
    public static function refuseTooLarge(int $width, int $height): void
    {
        if ($width < 1 || $height < 1) {
            throw Refusal::because('This picture has no pixels.', 'file');
        }
        if (max($width, $height) > self::LONGEST_SIDE || $width * $height > self::MOST_MEGAPIXELS * 1e6) {
            throw Refusal::because(sprintf('A picture is %s px wide and high and has %d megapixels at most; this has %s × %s px.', number_format(self::LONGEST_SIDE), self::MOST_MEGAPIXELS, number_format($width), number_format($height)), 'file');
        }
    }

    private function normal(string $path, string $format, string $bytes): TakenPicture
    {
        // One line for each frame: of several, the first is taken.
        $said = trim($this->convert([$format.':'.$path, '-format', '%w %h %z %[colorspace] %[orientation] %[profile:icc] %A|', '-write', 'info:', 'null:']));
        $frames = explode('|', trim($said, '|'));
        if (sscanf($frames[0], '%d %d %d %s %s', $width, $height, $depth, $space, $turn) !== 5) {
            throw Refusal::because('This picture cannot be read.', 'file');
        }
        self::refuseTooLarge((int) $width, (int) $height);
        $isTurned = ! in_array($turn, ['Undefined', 'TopLeft'], true);
        $isForeign = ! in_array($space, ['sRGB', 'Gray'], true);
        $hasProfile = self::hasProfile($bytes);
        $notes = array_keys(array_filter([
            'It was turned upright, as the camera says.' => $isTurned,
            'Its colours were brought from '.$space.' to sRGB.' => $isForeign,
            'Its 16 bits a channel were brought to 8.' => $depth > 8,
            'It is animated: its first frame was taken.' => count($frames) > 1 || str_contains(substr($bytes, 0, 4096), 'acTL'),
        ]));
        if ($notes === [] && ! $hasProfile && $format !== 'webp') {
            return new TakenPicture($bytes, $format === 'png' ? 'png' : 'jpg', (int) $width, (int) $height);
        }
        $isJpeg = $format === 'jpeg';
        $this->convert([
            "$format:{$path}[0]", '-auto-orient', ...$isForeign ? ['-colorspace', 'sRGB'] : [], '-strip', '-depth', '8',
            ...$isJpeg ? ['-quality', '95', '-sampling-factor', '4:4:4'] : ['-define', 'png:exclude-chunks=all', '-quality', '75'], ($isJpeg ? 'jpeg' : 'png').":$path.out",
        ]);
        [$width, $height] = (array) getimagesize("$path.out");

        return new TakenPicture((string) file_get_contents("$path.out"), $isJpeg ? 'jpg' : 'png', (int) $width, (int) $height, $notes);
    }

    /** Whether it says which colours its numbers mean, which not everything that paints it heeds alike. */
    private static function hasProfile(string $bytes): bool
    {
        $head = substr($bytes, 0, 65_536);

        return str_contains($head, "ICC_PROFILE\0") || (str_starts_with($bytes, "\x89PNG") && preg_match('/iCCP|gAMA|cHRM/', $head) === 1);
    }

    /**
     * @param  list<string>  $arguments
     * @return string what it printed
     */
    private function convert(array $arguments): string
    {
        $process = $this->programs->process(Programs::ENCODER, [...self::LIMITS, ...$arguments]);
        $process->run();
        $isBroken = ! $process->isSuccessful() && ! FileWriting::isAboutSpace($process->getErrorOutput());
        if ($isBroken || preg_match(self::BROKEN, $process->getErrorOutput()) === 1) {
            throw Refusal::because('This picture is broken: a part of it is missing or cannot be read.', 'file');
        }

        return $this->programs->finished($process)->getOutput();
    }
}
