<?php

declare(strict_types=1);

namespace Tests\Core\Snap;

use PHPUnit\Framework\TestCase;
use Tests\Vectors\Vectors;

/** The vectors that the page is held to are what the rules give. */
final class VectorsTest extends TestCase
{
    public function test_they_are_what_the_rules_give_now(): void
    {
        foreach (['snapping' => Vectors::snapping(...), 'hits' => Vectors::hits(...)] as $name => $vectors) {
            self::assertStringEqualsFile(Vectors::path($name), Vectors::json($vectors()), "$name: php tests/Vectors/write.php writes them anew");
        }
    }
}
