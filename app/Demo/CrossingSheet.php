<?php

declare(strict_types=1);

namespace App\Demo;

/** How a crossing works: a banner of three turned bars, and four steps cut from one bar. */
final readonly class CrossingSheet
{
    private const INK = '#20302d';

    private const PAPER = '#fffefb';

    private const STEPS = [
        ['Arrive', "At the kiosk from\n40 minutes before"],
        ['Check in', 'Lane by height and length of the car'],
        ['Cross', "55 minutes, café and\nsun deck open"],
        ['Land', "Foot passengers first,\nthen lane by lane"],
    ];

    public function __construct(private SheetScript $script)
    {
    }

    public function draw(): void
    {
        $this->script->run('set-sheet', [], ['background' => '#f4f1e8']);
        $this->banner();
        $this->steps();
    }

    /** Each bar lies on a striped strip that shows beneath it; all are drawn level, and turned as one. */
    private function banner(): void
    {
        $parts = [];
        foreach ([['Merrow Sound', '#17614f', 380], ['from shore', '#24485a', 330], ['to shore', '#a8680c', 300]] as $i => [$words, $colour, $width]) {
            $top = 60 + 54 * $i;
            $parts[] = $this->script->box("Strip, $words", 64, $top + 8, $width + 14, 46, ['fill' => ['pattern' => 'stripes', 'pitch' => 8, 'share' => 0.5, 'angle' => 45, 'colour' => $colour, 'ground' => null]]);
            $bar = $this->script->box("Bar, $words", 60, $top, $width, 46, ['fill' => $colour]);
            if ($i === 2) {
                $notch = $this->script->path('Notch', 60 + $width - 23, $top, 'M23 0L0 23L23 46Z');
                [$bar] = $this->script->run('combine', [$bar, $notch], ['how' => 'cut', 'anchor' => $bar]);
            }
            $text = $this->script->text($words, 80, $top + 6, 26, 700, self::PAPER);
            $this->script->run('align', [$bar, $text], ['edge' => 'middle', 'to' => 'anchor', 'anchor' => $bar]);
            array_push($parts, $bar, $text);
        }
        $group = $this->script->group('Banner', $parts);
        $this->script->run('set', [$group], ['angle' => -10]);
        $this->script->run('place', [$group], ['x' => 60, 'y' => 40]);
        $this->script->text("How a crossing works, from the\nkiosk to the other shore", 560, 112, 26, 400, self::INK);
    }

    /** A step is a bar with its head and its notch; where it folds behind the one before, it lies in the shade. */
    private function steps(): void
    {
        foreach (self::STEPS as $i => [$name, $words]) {
            $x = 60 + 250 * $i;
            $step = $this->script->path("Step, $name", $x, 316, 'M0 0H218L250 36L218 72H0L32 36Z', [
                'fill' => ['gradient' => 'linear', 'angle' => 90, 'stops' => [
                    ['at' => 0, 'colour' => '#0d3b30'], ['at' => 0.14, 'colour' => '#17614f'], ['at' => 1, 'colour' => '#1f7660'],
                ]],
                'outline' => null,
            ]);
            $label = $this->script->text(($i + 1)." $name", $x + 50, 338, 21, 700, self::PAPER);
            $this->script->run('align', [$step, $label], ['edge' => 'middle', 'to' => 'anchor', 'anchor' => $step]);
            $this->script->text($words, $x + 50, 408, 15, 400, self::INK, ['w' => 190]);
        }
    }
}
