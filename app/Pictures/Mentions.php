<?php

declare(strict_types=1);

namespace App\Pictures;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Traits\HasPicture;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Change;

/** Which pictures something shows or could show again. */
final readonly class Mentions
{
    public function __construct(private PictureStore $store)
    {
    }

    /** @return list<string> the keys that stand in JSON, each once */
    public static function in(string $json): array
    {
        preg_match_all('/\b[1-9][0-9]{0,4}x[1-9][0-9]{0,4}-[0-9a-f]{40}\b/', $json, $found);

        return array_values(array_unique($found[0]));
    }

    /**
     * Lets a change pass of which all pictures are kept here.
     *
     * @throws Refusal when one is not
     */
    public function checked(Change $change): void
    {
        $shown = [];
        foreach ($change->items as [$was, $is]) {
            $picture = self::of($is);
            if ($picture !== null && $picture !== self::of($was)) {
                $shown[] = $picture;
            }
        }
        $unknown = $this->store->unknown($shown);
        if ($unknown !== []) {
            throw Refusal::because(count($unknown) === 1 ? 'A picture is not kept here. Bring it along again.' : count($unknown).' pictures are not kept here. Bring them along again.', 'picture');
        }
    }

    private static function of(?Item $item): ?string
    {
        return $item !== null && $item->kind instanceof HasPicture ? $item->kind->picture($item->fields) : null;
    }
}
