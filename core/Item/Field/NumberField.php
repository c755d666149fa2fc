<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;

/** A number within bounds: a length in px, a factor, a share. */
final readonly class NumberField extends Field
{
    /** @param  string  $unit  px, ×, ° or %; a share of 1 is written in per cent */
    private function __construct(
        string $name, string $noun, string $heading, string $label, FieldGroup $group, ?float $default,
        private float $least, private float $most, private string $unit, private string $meaning, private bool $scales, private bool $mayBeNone, private float $step, private bool $isOffered = true,
    ) {
        parent::__construct($name, $noun, $heading, $label, $group, $default);
    }

    /** @param  bool  $scales  whether it is scaled along with its item, where looks are */
    public static function length(string $name, string $noun, string $heading, string $label, FieldGroup $group, float $default, float $least, float $most, string $meaning, bool $scales): self
    {
        return new self($name, $noun, $heading, $label, $group, $default, $least, $most, 'px', $meaning, $scales, false, 1.0);
    }

    /** A length that may be less than 0, or a number that is no length where it does not scale. */
    public static function signed(string $name, string $noun, string $heading, string $label, FieldGroup $group, float $least, float $most, string $meaning, bool $scales = true): self
    {
        return new self($name, $noun, $heading, $label, $group, 0.0, $least, $most, $scales ? 'px' : '', $meaning, $scales, false, 1.0);
    }

    public static function factor(string $name, string $noun, string $heading, string $label, FieldGroup $group, float $default, float $least, float $most, string $meaning): self
    {
        return new self($name, $noun, $heading, $label, $group, $default, $least, $most, '×', $meaning, false, false, 0.1);
    }

    public static function angle(string $name, string $noun, string $heading, string $label, float $default, float $least, float $most, string $meaning): self
    {
        return new self($name, $noun, $heading, $label, FieldGroup::Geometry, $default, $least, $most, '°', $meaning, false, false, 1.0);
    }

    /** Degrees of an arc, or none. */
    public static function spread(string $name, string $noun, string $heading, string $label, string $meaning): self
    {
        return new self($name, $noun, $heading, $label, FieldGroup::Geometry, null, 1.0, 360.0, '°', $meaning, false, true, 1.0);
    }

    /**
     * @param  float|null  $default  null where there may be none
     * @param  bool  $isOffered  whether the drawer has a row for it
     */
    public static function share(string $name, string $noun, string $heading, string $label, FieldGroup $group, ?float $default, string $meaning, float $least = 0.0, bool $isOffered = true): self
    {
        return new self($name, $noun, $heading, $label, $group, $default, $least, 1.0, '%', $meaning, false, $default === null, 0.01, $isOffered);
    }

    /** A factor that is written in per cent and scales along; it is edited with what it magnifies. */
    public static function magnification(string $name, string $noun, string $heading, string $label, FieldGroup $group, string $meaning): self
    {
        return new self($name, $noun, $heading, $label, $group, 1.0, 0.0001, 1_000.0, '%', $meaning, true, false, 0.01, false);
    }

    public function type(): string
    {
        return $this->isOffered ? 'number' : 'hidden';
    }

    public function schema(): array
    {
        return ['type' => $this->mayBeNone ? ['number', 'null'] : 'number', 'minimum' => self::plain($this->least), 'maximum' => self::plain($this->most)] + ($this->meaning === '' ? [] : ['description' => $this->meaning]);
    }

    public function read(mixed $stored): mixed
    {
        return is_numeric($stored) ? (float) $stored : $this->default;
    }

    /** The number that it may be which is nearest. */
    public function within(float $given): float
    {
        return min($this->most, max($this->least, $given));
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return $this->scales && is_numeric($value) ? $this->within($this->unit === 'px' ? Length::round((float) $value * $factor) : round((float) $value * $factor, 9)) : $value;
    }

    public function toAnswer(): array
    {
        return parent::toAnswer() + ['unit' => $this->unit, 'least' => $this->least, 'most' => $this->most, 'step' => $this->step, 'none' => $this->mayBeNone];
    }

    private static function plain(float $value): int|float
    {
        return floor($value) === $value ? (int) $value : $value;
    }
}
