<?php

declare(strict_types=1);

namespace App\Contract;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Running\Command;

/** A command as it was asked for, checked against its schema. */
final readonly class CommandCall
{
    /**
     * @param  list<string>  $items  ids of the selected items
     * @param  array<string, mixed>  $params
     * @param  int|null  $revision  what the sheet is expected to be at
     * @param  bool  $dry  say what would happen and store nothing
     * @param  string|null  $key  a retry with the same key happens once
     * @param  Unit  $unit  in which bare numbers in sums are given
     * @param  string|null  $run  moves, and steps of one number, of the same items in the same run are one line of the history
     */
    public function __construct(
        public Command $command,
        public array $items,
        public array $params,
        public ?int $revision = null,
        public bool $dry = false,
        public ?string $key = null,
        public ?string $run = null,
        public Unit $unit = Unit::Px,
    ) {
    }

    /**
     * The same call of another command.
     *
     * @param  array<string, mixed>  $params
     */
    public function of(Command $command, array $params, Unit $unit): self
    {
        return new self($command, $this->items, $params, $this->revision, $this->dry, $this->key, $this->run, $unit);
    }
}
