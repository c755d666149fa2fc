<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

/** What block, ring and step-repeat begin with: their own parameters beside those of copies and series. */
trait RepeatsItems
{
    private function __construct(private readonly Params $params, private readonly Repeats $repeats)
    {
    }

    public static function from(Params $params): self
    {
        return new self($params, Repeats::from($params));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order);
    }
}
