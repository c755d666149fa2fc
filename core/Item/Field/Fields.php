<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;
use ArrayIterator;
use IteratorAggregate;

/**
 * The fields of a kind, in the order in which they are stored; the last are its numbers in a rail, how it follows its tray and what it is one with, which every kind has that has any.
 *
 * @implements IteratorAggregate<string, Field>
 */
final readonly class Fields implements IteratorAggregate
{
    /** @var array<string, Field> by name */
    private array $fields;

    /** @var array<string, mixed> by name */
    public array $defaults;

    /** @var array<mixed> by name, as JSON has them */
    private array $storedDefaults;

    public function __construct(Field ...$fields)
    {
        $fields = $fields === [] ? [] : [...$fields, new BerthField, new PinsField, new TwinField, new SourceField];
        $this->fields = array_column($fields, null, 'name');
        $this->defaults = array_column($fields, 'default', 'name');
        $stored = json_encode(array_map(static fn (Field $field): mixed => $field->stored($field->default), $this->fields), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->storedDefaults = (array) json_decode($stored, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return ArrayIterator<string, Field> */
    public function getIterator(): ArrayIterator
    {
        return new ArrayIterator($this->fields);
    }

    public function has(string $name): bool
    {
        return isset($this->fields[$name]);
    }

    /**
     * @param  array<string, mixed>  $given  by name, of these fields
     * @return array<string, mixed> as an item keeps them
     *
     * @throws Refusal when one cannot be what was given
     */
    public function taken(array $given, FontLibrary $fonts): array
    {
        $taken = [];
        foreach ($given as $name => $value) {
            $taken[$name] = isset($this->fields[$name]) ? $this->fields[$name]->taken($value, $fonts) : $value;
        }

        return $taken;
    }

    /**
     * @param  array<mixed>  $stored  by name; what is missing is as it is at first, and what the kind has not is dropped
     * @return array<string, mixed> all of them, as an item keeps them
     */
    public function read(array $stored): array
    {
        $read = [];
        foreach ($this->fields as $name => $field) {
            // Most are as they are at first: nothing is read of these.
            $read[$name] = array_key_exists($name, $stored) && $stored[$name] !== $this->storedDefaults[$name] ? $field->read($stored[$name]) : $field->default;
        }

        return $read;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed> as they are stored
     */
    public function stored(array $values): array
    {
        foreach ($values as $name => $value) {
            $values[$name] = isset($this->fields[$name]) ? $this->fields[$name]->stored($value) : $value;
        }

        return $values;
    }

    /**
     * @param  array<string, mixed>  $values  all of them
     * @param  float  $factor  more than 0
     * @return array<string, mixed> scaled along with an item whose looks are
     */
    public function scaled(array $values, float $factor): array
    {
        foreach ($this->fields as $name => $field) {
            $values[$name] = $field->scaled($values[$name], $factor);
        }

        return $values;
    }
}
