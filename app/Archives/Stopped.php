<?php

declare(strict_types=1);

namespace App\Archives;

use RuntimeException;

/** Making an archive was called off. */
final class Stopped extends RuntimeException
{
}
