<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Traits;

use AllSquare\Core\Rail\RailRules;

/** A kind that can lay out what lies in it, as a rail. */
interface LaysOut
{
    /**
     * @param  array<string, mixed>  $fields
     * @return RailRules|null null where each thing lies where it was put
     */
    public function rail(array $fields): ?RailRules;
}
