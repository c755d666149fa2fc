<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Sheet\Words;

/** Texts of one block of which a few are set otherwise than the others. */
final class MixedAlignment implements Check
{
    public function about(): About
    {
        return new About('mixed-alignment', 'Mixed alignment', isPlain: true);
    }

    /** texts above one another that make a block */
    private const LEAST = 3;

    public function find(Looked $at): iterable
    {
        $below = Texts::below($at);
        $isBelow = array_flip(array_column($below, 0));
        foreach (array_keys($below) as $first) {
            if (isset($isBelow[$first])) {
                continue;
            }
            $block = [(string) $first];
            for ($next = (string) $first; isset($below[$next]) && count($block) < 200; $next = $below[$next][0]) {
                $block[] = $below[$next][0];
            }
            yield from $this->inBlock($at, $block);
        }
    }

    /**
     * @param  list<string>  $block  texts, downwards
     * @return iterable<Finding>
     */
    private function inBlock(Looked $at, array $block): iterable
    {
        // Only of what has a width of its own it is seen how its lines stand.
        $aligned = [];
        foreach ($block as $id) {
            $item = $at->tree->item($id);
            if (($item->fields['grow'] ?? 'none') !== 'both' && isset($item->fields['align'])) {
                $aligned[$id] = $item->word('align') === 'both' ? 'start' : $item->word('align');
            }
        }
        $counts = array_count_values($aligned);
        arsort($counts);
        $most = array_key_first($counts);
        if (count($aligned) < self::LEAST || count($counts) < 2 || $most === null || $counts[$most] < 2 * (count($aligned) - $counts[$most])) {
            return;
        }
        $words = ['start' => 'left', 'centre' => 'centred', 'end' => 'right'];
        foreach ($aligned as $id => $align) {
            if ($align !== $most) {
                $item = $at->tree->item($id);
                yield new Finding(
                    'mixed-alignment', [$id], $at->placed($id)->box,
                    sprintf('%s is set %s', Words::quoted($item), $words[$align] ?? $align),
                    sprintf('The %d others of its block are set %s.', $counts[$most], $words[$most] ?? $most),
                    null, null, [new Fix('set', [$id], ['align' => $most])],
                );
            }
        }
    }
}
