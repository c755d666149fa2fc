<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** More families of letters than a sheet bears. */
final class ManyFamilies implements Check
{
    public function about(): About
    {
        return new About('families', 'Many families', limit: new Limit('families', 5.0, 1.0, 20.0));
    }

    public function find(Looked $at): iterable
    {
        $by = [];
        foreach (Texts::of($at) as $item) {
            $by[$item->word('font')][] = $item->id;
        }
        $most = (int) $at->limit($this);
        if (count($by) <= $most) {
            return;
        }
        uasort($by, static fn (array $a, array $b): int => count($b) <=> count($a));
        $names = $at->fonts->families();
        $said = array_map(static fn (int|string $family): string => $names[$family]['name'] ?? (string) $family, array_keys($by));
        $first = (string) array_key_first($by);
        // Those that are used least give way to the one that is used most.
        foreach (array_slice($by, $most, null, true) as $family => $ids) {
            yield new Finding(
                'families', $ids, $at->placed($ids[0])->box,
                sprintf('%s is one family too many', $names[$family]['name'] ?? $family),
                sprintf('%d are used on this sheet: %s. %d are enough.', count($by), implode(', ', $said), $most),
                (float) count($by), (float) $most, [new Fix('set', $ids, ['font' => $first])], (string) $family,
            );
        }
    }
}
