<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Look;

use AllSquare\Core\Geometry\Angle;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Painting\Element;

/**
 * Colours that run into one another: along a line at an angle, as CSS has it (CSS Images 3, section 3.1), or from a centre outwards,
 * as far each way as the frame is wide and high.
 */
final readonly class Gradient implements Fill
{
    private const MOST_STOPS = 20;

    /**
     * @param  bool  $isRadial  from a centre outwards instead of along a line
     * @param  float  $angle  of the line: degrees clockwise from straight up
     * @param  array{x: float, y: float}  $centre  shares of the frame
     * @param  float  $radius  share of the frame
     * @param  list<array{at: float, colour: Colour}>  $stops  by their places, 0 where it begins, 1 where it ends
     */
    private function __construct(private bool $isRadial, private float $angle, private array $centre, private float $radius, private array $stops)
    {
    }

    /** @param  array<mixed>  $stored */
    public static function read(array $stored): ?self
    {
        $number = static fn (mixed $value, float $default): float => is_numeric($value) ? (float) $value : $default;
        $stops = [];
        foreach (is_array($stored['stops'] ?? null) ? $stored['stops'] : [] as $stop) {
            $colour = is_array($stop) ? Colour::read($stop['colour'] ?? null) : null;
            if ($colour !== null) {
                $stops[] = ['at' => $number($stop['at'] ?? null, 0.0), 'colour' => $colour];
            }
        }
        usort($stops, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $centre = is_array($stored['centre'] ?? null) ? $stored['centre'] : [];

        return count($stops) < 2 ? null : new self(
            ($stored['gradient'] ?? null) === 'radial',
            $number($stored['angle'] ?? null, 90.0),
            ['x' => $number($centre['x'] ?? null, 0.5), 'y' => $number($centre['y'] ?? null, 0.5)],
            $number($stored['radius'] ?? null, 0.5),
            $stops,
        );
    }

    /** @return list<array<string, string>> the JSON Schemas of both: what FieldSchemas defines once for all */
    public static function schemas(): array
    {
        return [['$ref' => '#/$defs/linear-gradient'], ['$ref' => '#/$defs/radial-gradient']];
    }

    /** @return array<string, array<string, mixed>> the JSON Schemas that are referred to, by name */
    public static function definitions(): array
    {
        $share = ['type' => 'number', 'minimum' => 0, 'maximum' => 1];
        $stops = [
            'type' => 'array',
            'minItems' => 2,
            'maxItems' => self::MOST_STOPS,
            'items' => ['type' => 'object', 'required' => ['at', 'colour'], 'additionalProperties' => false, 'properties' => ['at' => $share, 'colour' => Colour::schema()]],
            'description' => 'at: 0 where it begins, 1 where it ends',
        ];
        $place = ['type' => 'number', 'minimum' => -2, 'maximum' => 3];

        return [
            'linear-gradient' => [
                'type' => 'object',
                'required' => ['gradient', 'stops'],
                'additionalProperties' => false,
                'properties' => [
                    'gradient' => ['const' => 'linear'],
                    'angle' => ['type' => 'number', 'minimum' => -360, 'maximum' => 360, 'description' => 'degrees clockwise from straight up; 90 runs from left to right'],
                    'stops' => $stops,
                ],
            ],
            'radial-gradient' => [
                'type' => 'object',
                'required' => ['gradient', 'stops'],
                'additionalProperties' => false,
                'properties' => [
                    'gradient' => ['const' => 'radial'],
                    'centre' => ['type' => 'object', 'required' => ['x', 'y'], 'additionalProperties' => false, 'properties' => ['x' => $place, 'y' => $place], 'description' => 'shares of the frame'],
                    'radius' => ['type' => 'number', 'minimum' => 0.01, 'maximum' => 5, 'description' => 'share of the frame; 0.5 reaches its edges'],
                    'stops' => $stops,
                ],
            ],
        ];
    }

    public function paint(float $w, float $h): Paint
    {
        $figure = static fn (float $value): string => Length::digits($value, 4);
        $stops = array_map(static fn (array $stop): Element => new Element('stop', ['offset' => $figure($stop['at']), 'stop-color' => $stop['colour']->css()]), $this->stops);
        if ($this->isRadial) {
            // Of no width or height it is a line, which SVG paints with its last colour.
            $element = new Element('radialGradient', [
                'gradientUnits' => 'userSpaceOnUse', 'cx' => $figure($this->centre['x']), 'cy' => $figure($this->centre['y']), 'r' => $figure($this->radius),
                'gradientTransform' => 'scale('.$figure(max($w, 0.001)).' '.$figure(max($h, 0.001)).')',
            ], $stops);
        } else {
            [$sin, $cos] = [Angle::sin($this->angle), Angle::cos($this->angle)];
            // Its ends lie where the corners of the frame are straight across from the line.
            $half = (abs($w * $sin) + abs($h * $cos)) / 2;
            $element = new Element('linearGradient', [
                'gradientUnits' => 'userSpaceOnUse',
                'x1' => $figure($w / 2 - $sin * $half), 'y1' => $figure($h / 2 + $cos * $half), 'x2' => $figure($w / 2 + $sin * $half), 'y2' => $figure($h / 2 - $cos * $half),
            ], $stops);
        }
        $named = Paint::named($element);

        return new Paint("url(#{$named->attributes['id']})", [$named]);
    }

    public function isClear(): bool
    {
        return array_filter($this->stops, static fn (array $stop): bool => ! $stop['colour']->isClear()) === [];
    }

    public function scaled(float $factor): self
    {
        return $this;
    }

    public function said(): string
    {
        return ($this->isRadial ? 'a gradient outwards from ' : 'a gradient from ').$this->stops[0]['colour']->said().' to '.$this->stops[count($this->stops) - 1]['colour']->said();
    }

    /** @return array<string, mixed> */
    public function stored(): array
    {
        $stops = array_map(static fn (array $stop): array => ['at' => $stop['at'], 'colour' => $stop['colour']->stored()], $this->stops);

        return $this->isRadial
            ? ['gradient' => 'radial', 'centre' => $this->centre, 'radius' => $this->radius, 'stops' => $stops]
            : ['gradient' => 'linear', 'angle' => $this->angle, 'stops' => $stops];
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return $this->stored();
    }
}
