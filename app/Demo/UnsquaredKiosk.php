<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Item;

/**
 * The kiosk as it was put down by eye: a form and key figures instead of the fares, and nearly everything a few pixels off.
 * Squaring it up once brings it to what was planned.
 */
final readonly class UnsquaredKiosk
{
    /** what is moved of the square kiosk, px across and down */
    private const STANDING = [
        'Card, Harbour Road' => [-5, 3],
        'Card, Long Strand' => [3, -4],
        'Card, Gannet Isle' => [0, 5],
        'Pay' => [-3, -2],
        'Where to today?' => [0, 3],
    ];

    /** number, caption */
    private const FIGURES = [['4', 'crossings'], ['38', 'sailings today'], ['12 min', 'to Harbour Road'], ['98 %', 'on time in May']];

    /** label, hint below the field */
    private const FIELDS = [
        [['From', 'Where you board'], ['To', 'Any of four harbours'], ['Date', 'Up to 60 days ahead']],
        [['Adults', 'From 16 years on'], ['Bicycles', 'Six on each crossing'], ['Name', 'As on the ticket']],
    ];

    /** px, over and over; none of them adds up to a pattern */
    private const SLIPS = [2, -1, -2, 3, 0, 1, -3, 2, 1, -1, 0, -2, 0];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $script = $this->script;
        $script->run('delete', [$this->named('Fares')]);
        foreach (self::STANDING as $name => [$dx, $dy]) {
            $script->run('move-by', [$this->named($name)], ['dx' => $dx, 'dy' => $dy]);
        }
        foreach (self::planned() as $i => [$kind, $name, $x, $y, $more]) {
            [$dx, $dy] = $name === 'Booking' ? [0, 0] : [self::SLIPS[$i % 13], self::SLIPS[($i * 5 + 3) % 13]];
            match ($kind) {
                'box' => $script->box($name, $x + $dx, $y + $dy, ...$more),
                'text' => $script->text($name, $x + $dx, $y + $dy, ...$more),
            };
        }
    }

    /**
     * The key figures and the form, each at its planned place.
     *
     * @return list<array{'box'|'text', string, float, float, array<mixed>}> kind, name, x, y, what else it takes
     */
    public static function planned(): array
    {
        $items = [];
        foreach (self::FIGURES as $i => [$number, $caption]) {
            $x = 652.0 + 147 * $i;
            $items[] = ['text', $number, $x, 116.0, [32, 700, '#24485a', ['line_height' => 1.125]]];
            $items[] = ['text', $caption, $x, 156.0, [14, 400, '#4a5a56', ['line_height' => 10 / 7]]];
        }
        $items[] = ['box', 'Booking', 64.0, 460.0, [858, 268, ['fill' => '#ffffff', 'radius' => 8, 'outline' => ['colour' => '#cfc8b4', 'weight' => 2]]]];
        $items[] = ['text', 'Your booking', 88.0, 476.0, [16, 700, '#20302d', ['line_height' => 1.5]]];
        foreach (self::FIELDS as $column => $fields) {
            foreach ($fields as $row => [$label, $hint]) {
                $x = 212.0 + 440 * $column;
                $y = 504.0 + 76 * $row;
                $items[] = ['text', $label, $x - 16, $y + 8, [16, 600, '#20302d', ['align' => 'end', 'line_height' => 1.5]]];
                $items[] = ['box', "Field, $label", $x, $y, [246, 40, ['fill' => '#f7f6f0', 'radius' => 4, 'outline' => ['colour' => '#9aa8a2', 'weight' => 1]]]];
                $items[] = ['text', $hint, $x, $y + 44, [14, 400, '#4a5a56', ['line_height' => 10 / 7]]];
            }
        }

        return $items;
    }

    private function named(string $name): string
    {
        return (string) Item::query()->toBase()->where('sheet_id', $this->script->sheet->id)->where('name', $name)->value('id');
    }
}
