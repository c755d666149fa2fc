<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

/** Looks for one kind of thing that is not right on a sheet. A kind is added by its class, and its place in Checks. */
interface Check
{
    public function about(): About;

    /** @return iterable<Finding> */
    public function find(Looked $at): iterable;
}
