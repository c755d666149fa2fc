<?php

declare(strict_types=1);

namespace AllSquare\Core\Tokens;

/** One design token of a file: what it is called, of which type it is, and its value with references resolved. */
final readonly class Token
{
    /** Groups that say only of which type their tokens are, which a name goes without. */
    private const TYPES = ['color', 'colors', 'colour', 'colours', 'typography', 'type', 'style', 'styles', 'text'];

    /**
     * @param  non-empty-list<string>  $path  its name after those of the groups that it is in
     * @param  array<mixed>  $own  what this program has added to it
     */
    public function __construct(public array $path, public string $type, public mixed $value, public array $own)
    {
    }

    /** What it is called here. */
    public function name(): string
    {
        if (is_string($this->own['name'] ?? null)) {
            return $this->own['name'];
        }
        $path = count($this->path) > 1 && in_array(mb_strtolower($this->path[0]), self::TYPES, true) ? array_slice($this->path, 1) : $this->path;

        return implode(' ', $path);
    }

    /** Whether it is of a group of that name. */
    public function isIn(string $group): bool
    {
        return count($this->path) > 1 && mb_strtolower($this->path[0]) === $group;
    }

    public function said(): string
    {
        return implode('.', $this->path);
    }
}
