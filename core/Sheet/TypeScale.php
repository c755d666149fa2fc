<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Renaming;
use AllSquare\Core\Item\Type\TypeFields;

/** The sizes of letters that a document uses: a base, and steps of one ratio from it. A document has one scale at most. */
final readonly class TypeScale implements Belonging
{
    private const DOWN = 3;

    private const UP = 7;

    /**
     * @param  float  $base  px
     * @param  float  $ratio  of each size to the next smaller one, above 1
     * @param  bool  $whole  whether sizes are brought to whole px
     */
    public function __construct(public string $id, public float $base, public float $ratio, public bool $whole)
    {
    }

    public function id(): string
    {
        return $this->id;
    }

    public static function sort(): string
    {
        return 'scales';
    }

    public static function noun(): string
    {
        return 'scale';
    }

    public static function isOfDocument(): bool
    {
        return true;
    }

    public static function dependsOnItems(): bool
    {
        return false;
    }

    public function compare(Belonging $other): int
    {
        return $other instanceof self ? strcmp($this->id, $other->id) : 0;
    }

    /** @return list<float> px, the smallest first, each once; none below 1 or above 2,000 */
    public function sizes(): array
    {
        $sizes = [];
        for ($step = -self::DOWN; $step <= self::UP; $step++) {
            $size = $this->at($step);
            if ($size >= TypeFields::LEAST && $size <= TypeFields::MOST) {
                $sizes[(string) $size] = $size;
            }
        }

        return array_values($sizes);
    }

    /** @return float px, so many steps above the base, or below it; whether letters can be that large is another matter */
    public function at(int $step): float
    {
        $size = $this->base * $this->ratio ** $step;

        return $this->whole ? Length::whole($size) : Length::round($size);
    }

    public function toAnswer(): array
    {
        return ['id' => $this->id, ...$this->toFile(new Renaming([])), 'sizes' => $this->sizes()];
    }

    public function toFile(Renaming $ids): array
    {
        return ['base' => $this->base, 'ratio' => $this->ratio, 'whole' => $this->whole];
    }

    public static function fromFile(string $id, array $data, Renaming $ids): self
    {
        $number = static fn (string $name, float $otherwise): float => is_numeric($data[$name] ?? null) ? (float) $data[$name] : $otherwise;

        return new self($id, $number('base', 16.0), $number('ratio', 1.25), ($data['whole'] ?? null) === true);
    }

    public function renamed(string $id, Renaming $ids): self
    {
        return new self($id, $this->base, $this->ratio, $this->whole);
    }
}
