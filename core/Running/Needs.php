<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Item\By;

/** What of a sheet has to be loaded for a command. The sheet itself always is. */
final readonly class Needs
{
    /**
     * @param  list<string>  $also  ids that are referred to besides the items named
     * @param  bool  $guides  whether its guides are
     * @param  By|null  $plan  by which boxes a plan of the whole sheet is needed, if it is
     * @param  bool  $grids  whether the named grids of the document are
     * @param  bool  $presets  whether its presets for handing over are
     */
    public function __construct(public Scope $scope = Scope::Branches, public array $also = [], public bool $guides = false, public bool $grids = false, public bool $presets = false, public ?By $plan = null)
    {
    }
}
