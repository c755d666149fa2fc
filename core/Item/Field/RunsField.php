<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Field;

use AllSquare\Core\Item\Type\LetterRuns;
use AllSquare\Core\Item\Type\Run;
use AllSquare\Core\Item\Type\TypeFields;
use AllSquare\Core\Text\FontLibrary;

/** The letters of a text that are set otherwise than it. Each item has its own. */
final readonly class RunsField extends Field
{
    private const MOST = 2_000;

    public function __construct(string $name)
    {
        parent::__construct($name, 'the runs of letters', '', 'runs', FieldGroup::Words, LetterRuns::of([]), isOwn: true);
    }

    public function type(): string
    {
        return 'hidden';
    }

    public function schema(): array
    {
        $character = ['type' => 'integer', 'minimum' => 0, 'maximum' => WordsField::LONGEST];

        return [
            'description' => 'letters that are set otherwise than their text, each by the first character and the one behind the last; with other words they follow them',
            'type' => 'array',
            'maxItems' => self::MOST,
            'items' => [
                'type' => 'object',
                'required' => ['from', 'to'],
                'additionalProperties' => false,
                'properties' => ['from' => $character, 'to' => $character] + array_map(static fn (Field $field): array => ['$ref' => "#/\$defs/field-$field->name"], TypeFields::ofRuns()),
            ],
        ];
    }

    public function taken(mixed $given, FontLibrary $fonts): LetterRuns
    {
        $runs = LetterRuns::read($given);
        foreach ($runs->runs as $run) {
            $this->check($run, $fonts);
        }

        return $runs;
    }

    public function read(mixed $stored): LetterRuns
    {
        return LetterRuns::read($stored);
    }

    public function stored(mixed $value): mixed
    {
        return LetterRuns::read($value)->stored();
    }

    public function scaled(mixed $value, float $factor): mixed
    {
        return LetterRuns::read($value)->scaled($factor);
    }

    public function said(mixed $value): string
    {
        $count = count(LetterRuns::read($value)->runs);

        return $count === 0 ? 'none' : ($count === 1 ? '1 run' : "$count runs");
    }

    private function check(Run $run, FontLibrary $fonts): void
    {
        if (is_string($run->styles['font'] ?? null)) {
            $fonts->font($run->styles['font'], 400);
        }
    }
}
