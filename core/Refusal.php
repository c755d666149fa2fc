<?php

declare(strict_types=1);

namespace AllSquare\Core;

use DomainException;

/**
 * A command that cannot be done, with the reason as a plain sentence for the person at the desk.
 * Whoever throws it has changed nothing.
 */
class Refusal extends DomainException
{
    /**
     * @param  string  $sentence  what was wrong and what to do, a whole sentence
     * @param  string|null  $field  the parameter that is to blame, where there is one
     */
    final public function __construct(string $sentence, public readonly ?string $field = null)
    {
        parent::__construct($sentence);
    }

    public static function because(string $sentence, ?string $field = null): static
    {
        return new static($sentence, $field);
    }

    /** The same in other words. */
    public function said(string $sentence): static
    {
        return new static($sentence, $this->field);
    }
}
