<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** A column or a row. */
final readonly class Track
{
    public const MOST = 100_000.0;

    /** @param  float  $value  px of a fixed one, or the share of one that shares, both more than 0 */
    public function __construct(public TrackSizing $sizing = TrackSizing::Content, public float $value = 1.0, public CellLook $look = new CellLook)
    {
    }

    public static function fixed(float $px): self
    {
        return new self(TrackSizing::Fixed, $px);
    }

    public static function share(float $share = 1.0): self
    {
        return new self(TrackSizing::Share, $share);
    }

    public function sized(TrackSizing $sizing, float $value = 1.0): self
    {
        return new self($sizing, $value, $this->look);
    }

    public function looking(CellLook $look): self
    {
        return new self($this->sizing, $this->value, $look);
    }

    /** @return string|array<string, mixed> as it is stored: `fixed` px, a `share`, or neither where it is as large as what is in it; the word alone where there is no more to say */
    public function stored(): string|array
    {
        $stored = match ($this->sizing) {
            TrackSizing::Content => [],
            TrackSizing::Fixed, TrackSizing::Share => [$this->sizing->value => $this->value],
        } + ($this->look->isEmpty() ? [] : ['look' => $this->look->values]);

        return $stored === [] ? TrackSizing::Content->value : $stored;
    }

    public static function read(mixed $stored): self
    {
        $stored = is_array($stored) ? $stored : [];
        $look = CellLook::read($stored['look'] ?? null);
        foreach ([TrackSizing::Fixed, TrackSizing::Share] as $sizing) {
            $value = $stored[$sizing->value] ?? null;
            if ((is_int($value) || is_float($value)) && $value > 0) {
                return new self($sizing, min(self::MOST, (float) $value), $look);
            }
        }

        return new self(look: $look);
    }
}
