<?php

declare(strict_types=1);

namespace AllSquare\Core\Path;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Point;
use AllSquare\Core\Refusal;

/** Path data of SVG (SVG 2, section 9.3): all commands are read, arcs and quadratic curves as cubic ones; M, L, C and Z are written. */
final class PathData
{
    /** How many figures each command takes at a time. */
    private const FIGURES = ['m' => 2, 'l' => 2, 'h' => 1, 'v' => 1, 'c' => 6, 's' => 4, 'q' => 4, 't' => 2, 'a' => 7, 'z' => 0];

    /** @var list<Subpath> */
    private array $done = [];

    /** @var list<PathPoint> of the run that is being read */
    private array $run = [];

    private Point $at;

    private Point $start;

    /** the last control point of a curve, by the sort of curve that it was of */
    private ?Point $control = null;

    private string $last = '';

    private function __construct()
    {
        $this->at = $this->start = new Point(0.0, 0.0);
    }

    /** @throws Refusal when it is no path data */
    public static function read(string $data): Path
    {
        $reader = new self;
        if (trim($data) === '') {
            return new Path([]);
        }
        foreach (self::steps($data) as [$command, $figures]) {
            $reader->step($command, $figures);
        }
        $reader->finish(false);

        return new Path($reader->done);
    }

    /** @param  int  $digits  decimals at most */
    public static function write(Path $path, int $digits = 3): string
    {
        $pair = static fn (Point $p): string => Length::digits($p->x, $digits).' '.Length::digits($p->y, $digits);
        $text = '';
        foreach ($path->subpaths as $subpath) {
            if ($subpath->points === []) {
                continue;
            }
            $text .= 'M'.$pair($subpath->points[0]->at);
            $parts = $subpath->parts();
            foreach ($parts as $i => $part) {
                if ($part->isStraight) {
                    $text .= $subpath->closed && $i === count($parts) - 1 ? '' : 'L'.$pair($part->to);
                } else {
                    $text .= 'C'.$pair($part->a).' '.$pair($part->b).' '.$pair($part->to);
                }
            }
            $text .= $subpath->closed ? 'Z' : '';
        }

        return $text;
    }

    /** @return iterable<array{string, list<float>}> commands with the figures of one use each */
    private static function steps(string $data): iterable
    {
        $number = '[+-]?(?:\d++\.?\d*+|\.\d++)(?:[eE][+-]?\d++)?';
        if (preg_match('/^\s*[Mm]/', $data) !== 1 || preg_match("/^(?:[MmLlHhVvCcSsQqTtAaZz]|$number|[\s,])*+$/D", $data) !== 1) {
            throw self::refusal('it begins with M and holds commands and figures only');
        }
        preg_match_all('/([MmLlHhVvCcSsQqTtAaZz])([^MmLlHhVvCcSsQqTtAaZz]*)/', $data, $found, PREG_SET_ORDER);
        foreach ($found as [, $command, $text]) {
            $count = self::FIGURES[strtolower($command)];
            // The flags of arcs need no blanks round them.
            $pattern = strtolower($command) === 'a' ? "/($number)[\s,]*($number)[\s,]*($number)[\s,]*([01])[\s,]*([01])[\s,]*($number)[\s,]*($number)/" : "/$number/";
            preg_match_all($pattern, $text, $match, PREG_SET_ORDER);
            $figures = array_map(floatval(...), array_merge(...array_map(static fn (array $one): array => count($one) > 1 ? array_slice($one, 1) : $one, $match)));
            if (array_filter($figures, static fn (float $figure): bool => ! is_finite($figure) || abs($figure) > Length::LIMIT) !== []) {
                throw self::refusal('something in it lies beyond 1,000,000 px');
            }
            if ($count === 0) {
                yield [$command, []];

                continue;
            }
            if ($figures === [] || count($figures) % $count !== 0) {
                throw self::refusal("$command takes ".($count === 1 ? 'figures one by one' : "figures $count at a time"));
            }
            foreach (array_chunk($figures, $count) as $i => $some) {
                // What follows the first pair of a move is lines.
                yield [$i === 0 ? $command : strtr($command, 'Mm', 'Ll'), $some];
            }
        }
    }

    /** @param  list<float>  $figures */
    private function step(string $command, array $figures): void
    {
        $name = strtolower($command);
        $isRelative = $command === $name;
        $point = fn (int $i): Point => $isRelative ? $this->at->plus(new Point($figures[$i], $figures[$i + 1])) : new Point($figures[$i], $figures[$i + 1]);
        match ($name) {
            'm' => $this->begin($point(0)),
            'l' => $this->line($point(0)),
            'h' => $this->line(new Point($figures[0] + ($isRelative ? $this->at->x : 0.0), $this->at->y)),
            'v' => $this->line(new Point($this->at->x, $figures[0] + ($isRelative ? $this->at->y : 0.0))),
            'c' => $this->curve($point(0), $point(2), $point(4)),
            's' => $this->curve($this->mirrored('cs'), $point(0), $point(2)),
            'q' => $this->quadratic($point(0), $point(2)),
            't' => $this->quadratic($this->mirrored('qt'), $point(0)),
            'a' => $this->arc($figures, $point(5)),
            default => $this->finish(true),
        };
        $this->last = $name;
    }

    private function begin(Point $at): void
    {
        $this->finish(false);
        $this->at = $this->start = $at;
        $this->run = [new PathPoint($at)];
    }

    private function line(Point $to): void
    {
        $this->resume();
        $this->run[] = new PathPoint($to);
        $this->at = $to;
    }

    private function curve(Point $a, Point $b, Point $to): void
    {
        $this->resume();
        $last = array_pop($this->run);
        array_push($this->run, new PathPoint($this->at, $last?->in, $a), new PathPoint($to, $b));
        [$this->at, $this->control] = [$to, $b];
    }

    private function quadratic(Point $control, Point $to): void
    {
        $near = static fn (Point $end): Point => $end->plus($control->minus($end)->times(2 / 3, 2 / 3));
        $this->curve($near($this->at), $near($to), $to);
        $this->control = $control;
    }

    /** The last control point in the mirror, where the last was such a curve. */
    private function mirrored(string $sorts): Point
    {
        return $this->control !== null && $this->last !== '' && str_contains($sorts, $this->last) ? $this->at->times(2, 2)->minus($this->control) : $this->at;
    }

    /** @param  list<float>  $figures */
    private function arc(array $figures, Point $to): void
    {
        $curves = EllipticArc::curves($this->at, $figures[0], $figures[1], $figures[2], $figures[3] !== 0.0, $figures[4] !== 0.0, $to);
        if ($curves === null) {
            $this->line($to);
        }
        foreach ($curves ?? [] as [$a, $b, $end]) {
            $this->curve($a, $b, $end);
        }
    }

    /** What follows a closed run without a move goes on from its start. */
    private function resume(): void
    {
        if ($this->run === []) {
            $this->run = [new PathPoint($this->at)];
        }
    }

    private function finish(bool $closed): void
    {
        $run = $this->run;
        $this->run = [];
        if ($closed && $run !== []) {
            $first = $run[0]->at;
            $last = $run[count($run) - 1];
            if (count($run) > 1 && abs($last->at->x - $first->x) < 1e-9 && abs($last->at->y - $first->y) < 1e-9) {
                array_pop($run);
                $run[0] = new PathPoint($first, $last->in, $run[0]->out);
            }
            $this->at = $this->start;
        }
        if ($run !== []) {
            $this->done[] = new Subpath($run, $closed);
        }
    }

    private static function refusal(string $why): Refusal
    {
        return Refusal::because("That is no path data of SVG: $why.", 'subpaths');
    }
}
