<?php

declare(strict_types=1);

namespace AllSquare\Core\Item;

use AllSquare\Core\Refusal;
use AllSquare\Core\Text\FontLibrary;

/** Brings given properties into the form in which they are stored. Their types have been checked by the schema. */
final readonly class Properties
{
    public function __construct(private FontLibrary $fonts)
    {
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, mixed>
     *
     * @throws Refusal for a font that does not exist
     */
    public function normal(array $given): array
    {
        $normal = [];
        foreach ($given as $name => $value) {
            $normal[$name] = match (true) {
                $name === 'weight' && is_float($value) => (int) $value,
                is_int($value) && $name !== 'weight' => (float) $value,
                $name === 'outline' && is_array($value) && is_string($value['colour'] ?? null) && is_numeric($value['weight'] ?? null) => ['colour' => strtolower($value['colour']), 'weight' => (float) $value['weight']],
                $name === 'fill' && is_string($value) => strtolower($value),
                default => $value,
            };
        }
        if (is_string($given['font'] ?? null)) {
            $this->fonts->font($given['font'], 400);
        }

        return $normal;
    }
}
