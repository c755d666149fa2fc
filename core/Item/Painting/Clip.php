<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Painting;

/** Within what something is seen. */
final readonly class Clip
{
    /**
     * @param  string  $path  path data
     * @param  string  $rule  what lies inside where that crosses itself: nonzero or evenodd
     */
    public function __construct(public string $path, public string $rule = 'nonzero')
    {
    }

    /** @param  array<string, string>  $more  attributes of its path */
    public function element(string $id, array $more = []): Element
    {
        return new Element('clipPath', ['id' => $id], [new Element('path', ['d' => $this->path] + ($this->rule === 'nonzero' ? [] : ['clip-rule' => $this->rule]) + $more)]);
    }

    /** @return array<string, string> as it is stored and sent */
    public function toArray(): array
    {
        return ['path' => $this->path] + ($this->rule === 'nonzero' ? [] : ['rule' => $this->rule]);
    }

    public static function read(mixed $stored): ?self
    {
        return is_array($stored) && is_string($stored['path'] ?? null) ? new self($stored['path'], is_string($stored['rule'] ?? null) ? $stored['rule'] : 'nonzero') : null;
    }
}
