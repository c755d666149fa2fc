<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

/**
 * How an item is painted in its own space, 0 0 to w h: without place, angle and opacity, which whoever shows it sets.
 * What is painted last, over what the item holds, stands apart.
 */
final readonly class Painting
{
    /**
     * @param  list<Element|Letters>  $body  beneath what the item holds
     * @param  list<Element|Letters>  $over  above it
     * @param  list<Element>  $defs  what these refer to
     * @param  Hit|null  $hit  null where the pointer goes through
     * @param  Clip|null  $clip  within what that which it holds is seen, in the space of that; null for all of it
     * @param  array{x: list<float>, y: list<float>}|null  $tracks  where the columns and rows of a table begin and end, in turn
     */
    public function __construct(public array $body = [], public ?Hit $hit = null, public array $over = [], public array $defs = [], public ?Clip $clip = null, public ?array $tracks = null)
    {
    }

    public function within(Clip $clip): self
    {
        return new self($this->body, $this->hit, $this->over, $this->defs, $clip);
    }

    /** @param  array{x: list<float>, y: list<float>}  $tracks */
    public function divided(array $tracks): self
    {
        return new self($this->body, $this->hit, $this->over, $this->defs, $this->clip, $tracks);
    }

    public function isEmpty(): bool
    {
        return $this->body === [] && $this->over === [];
    }

    /** @return array<string, mixed> as it is stored and sent: what there is of it */
    public function toArray(): array
    {
        $written = [];
        foreach (['defs' => $this->defs, 'body' => $this->body, 'over' => $this->over] as $part => $elements) {
            foreach ($elements as $one) {
                $written[$part][] = $one->toArray();
            }
        }

        if ($this->clip !== null) {
            $written['clip'] = $this->clip->toArray();
        }

        if ($this->tracks !== null) {
            $written['tracks'] = $this->tracks;
        }

        return $this->hit === null ? $written : [...$written, 'hit' => $this->hit->toArray()];
    }

    /** @param  array<mixed>  $stored  as toArray() gave it; where it is hit is of no more use then */
    public static function read(array $stored): self
    {
        $read = static fn (string $part): array => array_map(Element::read(...), is_array($stored[$part] ?? null) ? array_values($stored[$part]) : []);

        // @phpstan-ignore argument.type, argument.type, argument.type (as toArray() gave it)
        return new self($read('body'), null, $read('over'), $read('defs'), Clip::read($stored['clip'] ?? null));
    }

    /**
     * The attribute that lets it be seen through as a whole. A single shape that is only filled, or only outlined, needs no
     * picture of its own for that (SVG 2, section 13.3).
     */
    public function opacityAttribute(): string
    {
        $only = count($this->body) === 1 && $this->over === [] ? $this->body[0] : null;
        if (! $only instanceof Element || $only->inside !== []) {
            return 'opacity';
        }

        return match (true) {
            isset($only->attributes['mask']) || isset($only->attributes['filter']) || isset($only->attributes['transform']) => 'opacity',
            ! isset($only->attributes['stroke']) && self::isOpaque($only->attributes['fill'] ?? '') => 'fill-opacity',
            ($only->attributes['fill'] ?? null) === 'none' && self::isOpaque($only->attributes['stroke'] ?? '') => 'stroke-opacity',
            default => 'opacity',
        };
    }

    /** Whether a fill is one colour that says nothing of its own opacity. */
    private static function isOpaque(string $value): bool
    {
        return strlen($value) === 7 && $value[0] === '#';
    }
}
