<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/**
 * Something that an item of a kind has besides its frame: what it is called, what it may be, and what becomes of it.
 * From it follow how it is stored, the schemas, the types of the page and the rows of the Look drawer.
 */
abstract readonly class Field
{
    /**
     * @param  string  $name  the word of the API and of files
     * @param  string  $noun  as a sentence says it: the radius of the corners
     * @param  string  $heading  under which the Look drawer has it: Corners
     * @param  string  $label  its own word there: radius
     * @param  mixed  $default  what it is when nothing is said
     * @param  bool  $isOwn  whether each item has its own, so that it is neither taken over by the others of a series nor done again
     * @param  bool  $isSet  whether the commands set and add-item give it
     */
    public function __construct(
        public string $name,
        public string $noun,
        public string $heading,
        public string $label,
        public FieldGroup $group,
        public mixed $default,
        public bool $isOwn = false,
        public bool $isSet = true,
    ) {
    }

    /** What sort of value it has, which is also what it is edited with. */
    abstract public function type(): string;

    /** @return array<string, mixed> its JSON Schema */
    abstract public function schema(): array;

    /**
     * What was given, as an item keeps it. Its shape has been checked against the schema.
     *
     * @throws Refusal when it cannot be
     */
    public function taken(mixed $given, FontLibrary $fonts): mixed
    {
        return $this->read($given);
    }

    /** As it is stored: what JSON can hold. */
    public function stored(mixed $value): mixed
    {
        return $value;
    }

    /** What was stored, as an item keeps it. */
    public function read(mixed $stored): mixed
    {
        return $stored;
    }

    /** What becomes of it when the looks of an item are scaled along with its frame. */
    public function scaled(mixed $value, float $factor): mixed
    {
        return $value;
    }

    /** As a line of the history says it. */
    public function said(mixed $value): string
    {
        return match (true) {
            is_int($value), is_float($value) => Length::text((float) $value),
            is_string($value) => mb_strimwidth($value, 0, 40, '…'),
            default => 'none',
        };
    }

    /** @return array<string, string> nouns of its parts, by their names */
    public function nouns(): array
    {
        return [$this->name => $this->noun];
    }

    /** @return array<string, mixed> as GET /api/kinds gives it */
    public function toAnswer(): array
    {
        return [
            'name' => $this->name, 'noun' => $this->noun, 'heading' => $this->heading, 'label' => $this->label,
            'type' => $this->type(), 'group' => $this->group->value, 'default' => $this->default, 'own' => $this->isOwn, 'set' => $this->isSet,
        ];
    }
}
