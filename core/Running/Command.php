<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Draft;

/**
 * One change of a sheet. A command happens whole or not at all: when it throws, the draft is thrown away.
 *
 * Its parameters stand in schema/commands/NAME.json and have been checked against it before it is made.
 */
interface Command
{
    /** The word of the API, which is also the name of its schema. */
    public static function name(): string;

    public static function from(Params $params): self;

    /** What of the sheet has to be loaded for it. */
    public function needs(): Needs;

    /**
     * @param  list<string>  $items  ids as they were named
     *
     * @throws Refusal when it cannot be done
     */
    public function run(Draft $draft, array $items): Report;
}
