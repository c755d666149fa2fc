<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Item\By;
use AllSquare\Core\Sheet\Belonging;

/** What of a sheet has to be loaded for a command. The sheet itself always is. */
final readonly class Needs
{
    /**
     * @param  list<string>  $also  ids that are referred to besides the items named
     * @param  list<class-string<Belonging>>  $sorts  of what belongs to the sheet; what depends on items always is loaded
     * @param  By|null  $plan  by which boxes a plan of the whole sheet is needed, if it is
     * @param  bool  $points  whether everything with points is needed, to snap to them
     */
    public function __construct(public Scope $scope = Scope::Branches, public array $also = [], public array $sorts = [], public ?By $plan = null, public bool $points = false)
    {
    }

    /** @param  class-string<Belonging>  $sort */
    public function includes(string $sort): bool
    {
        return $sort::dependsOnItems() || in_array($sort, $this->sorts, true);
    }
}
