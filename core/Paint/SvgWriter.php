<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Text\FontLibrary;

/** Writes elements as SVG: the one place where what stands in it is escaped. It remembers the glyphs that it referred to, and the pictures that it wrote. */
final class SvgWriter
{
    /** Attributes that are colours, and those of their opacity. */
    private const OPACITIES = ['fill' => 'fill-opacity', 'stroke' => 'stroke-opacity', 'stop-color' => 'stop-opacity'];

    private const PICTURE = 'picture:';

    /** @var array<string, array<int, true>> code points by font */
    private array $glyphs = [];

    /** @var array<string, Rect> where each picture stands for the first time, by its key */
    private array $pictures = [];

    /**
     * @param  array<string, string>  $palette  the colours of swatches, by their keys
     * @param  PictureSource|null  $source  null where no pictures are written
     * @param  float  $factor  px of what is painted to each px of the drawing; INF where that is not known
     */
    public function __construct(private readonly array $palette = [], private readonly ?PictureSource $source = null, private readonly float $factor = INF)
    {
    }

    /** @param  iterable<Element|Letters|string>  $elements */
    public function write(iterable $elements): string
    {
        $text = '';
        foreach ($elements as $one) {
            $text .= match (true) {
                is_string($one) => self::escaped($one),
                $one instanceof Letters => $this->letters($one),
                default => $this->element($one),
            };
        }

        return $text;
    }

    /** The outlines of all glyphs that were referred to, for the `defs` of the drawing. */
    public function outlines(FontLibrary $fonts): string
    {
        $paths = [];
        foreach ($this->glyphs as $font => $codePoints) {
            $outlines = $fonts->outlines($font);
            foreach (array_keys($codePoints) as $codePoint) {
                $id = self::id($font, $codePoint);
                $paths[$id] = sprintf("<path id='%s' d='%s'/>", $id, $outlines[$codePoint] ?? '');
            }
        }
        ksort($paths);

        return $paths === [] ? '' : '<defs>'.implode('', $paths).'</defs>';
    }

    private function element(Element $element): string
    {
        if (str_starts_with($element->attributes['href'] ?? '', self::PICTURE)) {
            return $this->picture($element);
        }
        $text = "<$element->name";
        foreach ($element->attributes as $name => $value) {
            $text .= isset(self::OPACITIES[$name]) && ($value[0] ?? '') !== 'u' ? $this->colour($name, $value) : " $name='".self::escaped($value)."'";
        }

        return $element->inside === [] ? "$text/>" : "$text>".$this->write($element->inside)."</$element->name>";
    }

    /** A picture is written once; where it stands again, that one is referred to. */
    private function picture(Element $element): string
    {
        ['href' => $href, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height] = $element->attributes;
        $key = substr($href, strlen(self::PICTURE));
        $is = new Rect((float) $x, (float) $y, (float) $width, (float) $height);
        $was = $this->pictures[$key] ?? null;
        if ($was !== null) {
            $scale = [Length::digits($is->w / $was->w, 12), Length::digits($is->h / $was->h, 12)];

            return sprintf("<use href='#picture-%s' transform='translate(%s %s) scale(%s %s) translate(%s %s)'/>", $key, $x, $y, ...[...$scale, Length::digits(-$was->x, 4), Length::digits(-$was->y, 4)]);
        }
        $uri = $is->w > 0.0 && $is->h > 0.0 ? $this->source?->uri($key, max($is->w, $is->h) * $this->factor) : null;
        if ($uri === null) {
            return '';
        }
        $this->pictures[$key] = $is;

        return "<image id='picture-$key' x='$x' y='$y' width='$width' height='$height' preserveAspectRatio='none' href='$uri'/>";
    }

    /** A colour, and its opacity by itself, where it is not opaque: not every reader of SVG knows both in one. */
    private function colour(string $name, string $value): string
    {
        if (preg_match('/^var\(--swatch-([\w-]+),(#\w+)\)$/D', $value, $found) === 1) {
            $value = $this->palette[$found[1]] ?? $found[2];
        }
        if (preg_match('/^(#[0-9a-f]{6})([0-9a-f]{2})$/D', $value, $parts) !== 1) {
            return " $name='".self::escaped($value)."'";
        }

        return " $name='$parts[1]' ".self::OPACITIES[$name]."='".Length::digits((float) hexdec($parts[2]) / 255, 4)."'";
    }

    private function letters(Letters $letters): string
    {
        $uses = '';
        for ($i = 0, $n = count($letters->glyphs); $i < $n; $i += 2) {
            $codePoint = (int) $letters->glyphs[$i];
            $this->glyphs[$letters->font][$codePoint] = true;
            $uses .= "<use href='#".self::id($letters->font, $codePoint)."' x='".Length::digits((float) $letters->glyphs[$i + 1], 4)."'/>";
        }

        return "<g transform='".self::escaped($letters->transform)."'>$uses</g>";
    }

    private static function id(string $font, int $codePoint): string
    {
        return $font.'-'.dechex($codePoint);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE);
    }
}
