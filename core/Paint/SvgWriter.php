<?php

declare(strict_types=1);

namespace AllSquare\Core\Paint;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Painting\Element;
use AllSquare\Core\Item\Painting\Letters;
use AllSquare\Core\Text\FontLibrary;

/** Writes elements as SVG: the one place where what stands in it is escaped. It remembers the glyphs that it referred to. */
final class SvgWriter
{
    /** Attributes that are colours, and those of their opacity. */
    private const OPACITIES = ['fill' => 'fill-opacity', 'stroke' => 'stroke-opacity', 'stop-color' => 'stop-opacity'];

    /** @var array<string, array<int, true>> code points by font */
    private array $glyphs = [];

    /** @param  array<string, string>  $palette  the colours of swatches, by their keys */
    public function __construct(private readonly array $palette = [])
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
        $text = "<$element->name";
        foreach ($element->attributes as $name => $value) {
            $text .= isset(self::OPACITIES[$name]) && ($value[0] ?? '') !== 'u' ? $this->colour($name, $value) : " $name='".self::escaped($value)."'";
        }

        return $element->inside === [] ? "$text/>" : "$text>".$this->write($element->inside)."</$element->name>";
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
