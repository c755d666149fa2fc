<?php

declare(strict_types=1);

namespace AllSquare\Core\Geometry;

use AllSquare\Core\Refusal;

/** A sum that cannot be read, with the place of its first wrong character, counted from 1. */
final class UnreadableSum extends Refusal
{
    public static function at(string $text, int $offset, string $why): self
    {
        return new self(sprintf('"%s" cannot be read at character %d: %s.', mb_strimwidth($text, 0, 60, '…'), mb_strlen(substr($text, 0, $offset)) + 1, $why));
    }

    public function about(string $field): self
    {
        return new self($this->getMessage(), $field);
    }
}
