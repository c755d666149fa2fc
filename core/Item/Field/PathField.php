<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Path\Path;
use AllSquare\Core\Path\PathData;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** The points of a path, in px from the frame's top left. They can be given as path data of SVG as well. */
final readonly class PathField extends Field
{
    /**
     * px from the corner of the frame within which a path begins at that corner: half of what lengths are kept to, and the four
     * digits that points are written with.
     */
    public const BEGINS = 0.0006;

    public const MOST_POINTS = 10_000;

    private const MOST_SUBPATHS = 2_000;

    public function __construct(string $name, Path $default, private string $meaning, bool $isSet = true, private bool $isWorkedOut = false)
    {
        parent::__construct($name, 'the points', '', 'points', FieldGroup::Geometry, $default, isSet: $isSet);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $place = ['type' => 'number', 'minimum' => -1_000_000, 'maximum' => 1_000_000];
        $control = ['type' => 'object', 'required' => ['x', 'y'], 'additionalProperties' => false, 'properties' => ['x' => $place, 'y' => $place]];
        $point = [
            'type' => 'object',
            'required' => ['x', 'y'],
            'additionalProperties' => false,
            'properties' => [
                'x' => $place, 'y' => $place,
                'in' => ['description' => 'the control point of the curve that ends there'] + $control,
                'out' => ['description' => 'that of the one that begins there'] + $control,
                'smooth' => ['type' => 'boolean', 'description' => 'whether the curve runs through without a corner'],
            ],
        ];

        return [
            'description' => $this->meaning,
            'anyOf' => [
                [
                    'type' => 'array',
                    ...$this->isWorkedOut ? [] : ['minItems' => 1],
                    'items' => [
                        'type' => 'object',
                        'required' => ['points'],
                        'additionalProperties' => false,
                        'properties' => ['closed' => ['type' => 'boolean'], 'points' => ['type' => 'array', 'minItems' => 1, 'items' => $point]],
                    ],
                ],
                ['type' => 'string', 'minLength' => 1, 'maxLength' => 400_000, 'description' => 'path data of SVG'],
            ],
        ];
    }

    public function taken(mixed $given, FontLibrary $fonts): Path
    {
        $path = is_string($given) ? PathData::read($given) : $this->read($given);
        if (! $this->isWorkedOut) {
            self::check($path);
        }

        return $path;
    }

    /** @throws Refusal when there are too many points, or none */
    public static function check(Path $path): void
    {
        if ($path->countPoints() > self::MOST_POINTS) {
            throw Refusal::because('A path has '.number_format(self::MOST_POINTS).' points at most; this has '.number_format($path->countPoints()).'.', 'subpaths');
        }
        if (count($path->subpaths) > self::MOST_SUBPATHS) {
            throw Refusal::because('A path has '.number_format(self::MOST_SUBPATHS).' runs of points at most; this has '.number_format(count($path->subpaths)).'.', 'subpaths');
        }
        if ($path->countPoints() < 2) {
            throw Refusal::because('A path needs two points at least.', 'subpaths');
        }
    }

    public function read(mixed $stored): Path
    {
        return self::of(is_array($stored) ? Path::read($stored) : $this->default);
    }

    public function stored(mixed $value): mixed
    {
        return self::of($value)->toArray();
    }

    public function said(mixed $value): string
    {
        $count = self::of($value)->countPoints();

        return $count === 1 ? '1 point' : "$count points";
    }

    public static function of(mixed $value): Path
    {
        return $value instanceof Path ? $value : new Path([]);
    }
}
