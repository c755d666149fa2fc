<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/** The shipped font files as CSS `@font-face` rules with the files inside, for drawings that keep their words as text. */
final readonly class FontFaces
{
    /** What the first file of a family holds beyond ASCII and Latin-1; all else is in the second (CSS Fonts Level 4, unicode-range). */
    private const LATIN = ['131', '152-153', '2BB-2BC', '2C6', '2DA', '2DC', '304', '308', '329', '2000-206F', '20AC', '2122', '2191', '2193', '2212', '2215', 'FEFF', 'FFFD'];

    /** @param  string  $folder  of families, as FontCompiler reads it */
    public function __construct(private string $folder)
    {
    }

    /**
     * @param  array<string, list<int>>  $used  the code points used of each font, by its key: family, dash, weight
     * @return string CSS
     */
    public function css(array $used): string
    {
        $rules = '';
        foreach ($used as $key => $codePoints) {
            $cut = (int) strrpos($key, '-');
            [$family, $weight] = [substr($key, 0, $cut), substr($key, $cut + 1)];
            $subsets = array_unique(array_map(static fn (int $codePoint): string => self::isLatin($codePoint) ? 'latin' : 'latin-ext', $codePoints));
            sort($subsets);
            foreach ($subsets as $subset) {
                $path = "$this->folder/$family/$family-$subset-$weight-normal.woff";
                if (is_file($path)) {
                    $range = $subset === 'latin' ? 'U+0-FF,U+'.implode(',U+', self::LATIN) : 'U+100-2FF,U+1E00-1EFF,U+2070-218F,U+A720-A7FF';
                    $rules .= sprintf('@font-face{font-family:%s;font-weight:%s;unicode-range:%s;src:url(data:font/woff;base64,%s)}', $family, $weight, $range, base64_encode((string) file_get_contents($path)));
                }
            }
        }

        return $rules;
    }

    private static function isLatin(int $codePoint): bool
    {
        if ($codePoint <= 0xFF) {
            return true;
        }
        foreach (self::LATIN as $range) {
            $ends = array_map(hexdec(...), explode('-', $range));
            if ($codePoint >= $ends[0] && $codePoint <= ($ends[1] ?? $ends[0])) {
                return true;
            }
        }

        return false;
    }
}
