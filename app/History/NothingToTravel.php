<?php

declare(strict_types=1);

namespace App\History;

use RuntimeException;

/** There is no line to undo or to redo. */
final class NothingToTravel extends RuntimeException
{
}
