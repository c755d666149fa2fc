<?php

declare(strict_types=1);

namespace AllSquare\Core\DimensionDrawing;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Traits\CutsOff;
use AllSquare\Core\Measure\Gap;
use AllSquare\Core\Measure\Runs;
use AllSquare\Core\Rail\RailCss;

/** The values of a measured sheet as CSS: places and sizes of its parts, and the gaps of rows and columns that are even. */
final readonly class Stylesheet
{
    public function __construct(private MeasuredSheet $measured)
    {
    }

    public function css(): string
    {
        $sheet = $this->measured->sheet;
        $rules = [self::rule($this->selector($sheet->name, 0), [
            'position' => 'relative',
            'width' => self::px($sheet->width()),
            'height' => self::px($sheet->height()),
            ...($sheet->background === null ? [] : ['background' => $sheet->background]),
        ])];
        $taken = [];
        foreach ($this->measured->parts as $part) {
            $selector = $this->selector($part->name, $part->number);
            $selector = isset($taken[$selector]) ? "$selector-$part->number" : $selector;
            $taken[$selector] = true;
            // CSS turns a box about its centre (CSS Transforms Level 2), so that it is placed as if it were not turned.
            $box = $part->angle === 0.0 ? $part->box : $part->upright;
            $size = ['width' => self::px($box->w), 'height' => self::px($box->h)];
            $laid = isset($this->measured->rails[$part->number]) ? RailCss::of($this->measured->rails[$part->number]->member()) : [];
            $item = $this->measured->tree->item($part->id);
            $table = $this->measured->tables[$part->number] ?? null;
            $rules[] = self::rule($selector, [
                'position' => 'absolute', 'left' => self::px($box->x), 'top' => self::px($box->y),
                ...($laid === [] ? $size : ['box-sizing' => 'border-box', ...$laid[$part->id]]),
                ...($table?->css() ?? []),
                ...($item->kind instanceof CutsOff && $item->kind->isClipping($item->fields) ? ['overflow' => 'hidden'] : []),
                ...($part->angle === 0.0 ? [] : ['rotate' => Length::text($part->angle).'deg']),
            ]);
            $table === null || $rules[] = self::rule("$selector > *", ['box-sizing' => 'border-box', 'padding' => $table->padding()]);
            array_push($rules, ...$this->inRail(array_slice($laid, 1, null, true), $selector, $taken));
        }

        return implode("\n", [...$rules, ...$this->gaps()]);
    }

    /**
     * What lies in a rail, at any depth.
     *
     * @param  array<string, array<string, string>>  $laid  by id
     * @param  array<string, true>  $taken  selectors
     * @return list<string>
     */
    private function inRail(array $laid, string $rail, array &$taken): array
    {
        if ($laid === []) {
            return [];
        }
        $rules = [self::rule("$rail *", ['box-sizing' => 'border-box', 'position' => 'relative', 'flex' => 'none', 'min-width' => '0', 'min-height' => '0'])];
        $number = 1;
        foreach ($laid as $id => $css) {
            $selector = $this->selector($this->measured->tree->item((string) $id)->name, $number++);
            for ($n = 2, $wanted = $selector; isset($taken["$rail $selector"]); $n++) {
                $selector = "$wanted-$n";
            }
            $taken["$rail $selector"] = true;
            $rules[] = self::rule("$rail $selector", $css);
        }

        return $rules;
    }

    /** @return list<string> */
    private function gaps(): array
    {
        $names = array_column($this->measured->parts, 'name', 'id');
        $rules = [];
        foreach (Axis::cases() as $axis) {
            $gaps = array_values(array_filter($this->measured->gaps, static fn (Gap $gap): bool => $gap->axis === $axis));
            foreach (Runs::of($gaps) as $run) {
                $sizes = array_unique(array_map(static fn (int $i): string => Length::text($gaps[$i]->size), $run));
                if (count($sizes) === 1) {
                    [$first, $last] = [$names[$gaps[$run[0]]->a], $names[$gaps[$run[array_key_last($run)]]->b]];
                    $comment = str_replace('*/', '* /', sprintf('%s to %s, %d in a %s', $first, $last, count($run) + 1, $axis === Axis::X ? 'row' : 'column'));
                    $rules[] = "/* $comment */\n".self::rule($axis === Axis::X ? '.row' : '.column', ['gap' => "$sizes[0]px"]);
                }
            }
        }

        return $rules;
    }

    /** A class of a name (CSS Syntax Level 3, ident). */
    private function selector(string $name, int $number): string
    {
        $ascii = transliterator_transliterate('Any-Latin; Latin-ASCII; Lower()', $name);
        $word = trim((string) preg_replace('/[^a-z0-9]+/', '-', is_string($ascii) ? $ascii : ''), '-');

        return '.'.($word === '' ? ($number === 0 ? 'sheet' : "part-$number") : (preg_match('/^\d/', $word) === 1 ? "n$word" : $word));
    }

    /** @param  array<string, string>  $declarations */
    private static function rule(string $selector, array $declarations): string
    {
        $lines = array_map(static fn (string $name, string $value): string => "    $name: $value;", array_keys($declarations), $declarations);

        return "$selector {\n".implode("\n", $lines)."\n}\n";
    }

    private static function px(float $length): string
    {
        return $length === 0.0 ? '0' : Length::text($length).'px';
    }
}
