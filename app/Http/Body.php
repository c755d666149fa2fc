<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use stdClass;

/** The JSON object a request carries; one without a body, or with an empty list for one, carries an empty object. */
final class Body
{
    public static function of(Request $request): stdClass
    {
        $body = json_decode($request->getContent());

        return $body instanceof stdClass ? $body : new stdClass;
    }
}
