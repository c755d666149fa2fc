<?php

declare(strict_types=1);

/*
 * The two functions of PHP 8.5 that Laravel calls, for PHP 8.2 to 8.4.
 * Same behaviour as in PHP 8.5: null for an empty array.
 */

if (! function_exists('array_first')) {
    /** @param  array<array-key, mixed>  $array */
    function array_first(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_first($array)];
    }
}

if (! function_exists('array_last')) {
    /** @param  array<array-key, mixed>  $array */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
