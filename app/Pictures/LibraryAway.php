<?php

declare(strict_types=1);

namespace App\Pictures;

use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/** The picture library does not answer, as a service elsewhere may not. */
final class LibraryAway extends ServiceUnavailableHttpException
{
    public function __construct()
    {
        parent::__construct(message: 'The picture library does not answer just now. Try again in a moment.');
    }
}
