<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** Settings for handing over, kept under a name for all sheets of a document. */
final readonly class Preset
{
    public function __construct(public string $id, public string $name, public HandOverSettings $settings)
    {
    }

    /**
     * By name, those of one name in the order in which they were kept.
     *
     * @param  array<string, Preset>  $presets
     * @return list<Preset>
     */
    public static function inOrder(array $presets): array
    {
        usort($presets, static fn (Preset $a, Preset $b): int => strcmp($a->name, $b->name) ?: strcmp($a->id, $b->id));

        return $presets;
    }
}
