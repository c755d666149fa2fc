<?php

declare(strict_types=1);

namespace AllSquare\Core\Points;

use AllSquare\Core\Refusal;

/** Which point of which path is meant, or which of its control points: `ITEM:RUN:POINT`, with `:in` or `:out` for a control point. */
final readonly class PointRef
{
    public const PATTERN = '^[0-9A-Za-z_-]{1,40}:[0-9]{1,5}:[0-9]{1,5}(:in|:out)?$';

    /** @param  string|null  $control  in or out */
    public function __construct(public string $item, public int $run, public int $point, public ?string $control = null)
    {
    }

    /** @throws Refusal when it names none */
    public static function read(string $text): self
    {
        if (preg_match('/'.self::PATTERN.'/D', $text) !== 1) {
            throw Refusal::because('A point is named by its path, its run and its place in that, such as 01ABC:0:3.', 'points');
        }
        $parts = explode(':', $text);

        return new self($parts[0], (int) $parts[1], (int) $parts[2], $parts[3] ?? null);
    }

    /**
     * @param  list<string>  $texts
     * @return list<string> ids of the paths
     */
    public static function items(array $texts): array
    {
        return array_values(array_unique(array_map(static fn (string $text): string => self::read($text)->item, $texts)));
    }

    public function text(): string
    {
        return "$this->item:$this->run:$this->point".($this->control === null ? '' : ":$this->control");
    }
}
