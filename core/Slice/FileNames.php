<?php

declare(strict_types=1);

namespace AllSquare\Core\Slice;

use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\Scale;
use Normalizer;

/**
 * File names for slices that every system takes: folders by "/", no characters that some system forbids, no reserved device
 * names, no two that differ by case or by composition alone, none longer than is taken, nothing outside the archive's own
 * folder.
 */
final class FileNames
{
    /** Bytes: a name has 255 at most on common systems, and still gets a size and an ending. */
    private const LONGEST_PART = 120;

    private const DEEPEST = 4;

    /** @var array<string, true> stems and folders as they are compared */
    private array $taken = [];

    /** The stem of a slice's files, unique among those given out by this object. */
    public function stem(string $name): string
    {
        return $this->put($name)[0];
    }

    /**
     * The stem of a slice's files, and why it is not as the slice is called.
     *
     * @return array{string, string|null}
     */
    public function put(string $name): array
    {
        $given = explode('/', str_replace('\\', '/', $name));
        $parts = array_values(array_filter(array_map(self::part(...), $given), static fn (string $part): bool => $part !== ''));
        $last = array_pop($parts) ?? 'slice';
        $folders = array_map(self::folder(...), array_slice($parts, 1 - self::DEEPEST));
        $stem = implode('/', [...$folders, $last]);
        $free = $stem;
        for ($n = 2; isset($this->taken[self::compared($free)]); $n++) {
            $free = "$stem-$n";
        }
        $this->taken[self::compared($free)] = true;

        return [$free, match (true) {
            $free !== $stem => "another file is called \"$stem\"",
            $stem !== $name => 'not every system takes "'.mb_strimwidth($name, 0, 60, '…').'"',
            default => null,
        }];
    }

    /** The file of a stem: "x.png" at 1x, "x@2x.png", "x-300w.png"; drawings have no size. */
    public static function file(string $stem, ?Scale $scale, FileFormat $format): string
    {
        return $stem.($scale?->suffix() ?? '').'.'.$format->extension();
    }

    private static function part(string $part): string
    {
        $clean = self::composed((string) preg_replace('/[\x00-\x1f\x7f<>:"|?*@]+/u', '-', mb_scrub($part)));
        $clean = trim((string) preg_replace('/[\s\x{200b}-\x{200f}\x{202a}-\x{202e}\x{feff}]+/u', ' ', $clean), " .\u{a0}");
        if (preg_match('/^(con|conin\$|conout\$|clock\$|prn|aux|nul|(com|lpt)[\d¹²³])\s*(\..*)?$/iu', $clean) === 1) {
            $clean = "_$clean";
        }

        return trim(mb_strcut($clean, 0, self::LONGEST_PART), ' .');
    }

    /** A folder that is called like a file would stand in that file's place. */
    private static function folder(string $part): string
    {
        return (string) preg_replace('/\.(png|jpe?g|webp|svg|pdf|json|html)$/i', '-$1', $part);
    }

    private static function compared(string $stem): string
    {
        return mb_strtolower(self::composed($stem));
    }

    private static function composed(string $text): string
    {
        $composed = Normalizer::normalize($text, Normalizer::FORM_C);

        return is_string($composed) ? $composed : $text;
    }
}
