<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use DOMElement;

/** What in a drawing refers to something else in it. Nothing outside it is ever looked for. */
final class References
{
    /** @var array<string, DOMElement> the first of each id */
    private array $byId = [];

    public function __construct(DOMElement $root)
    {
        foreach ($root->ownerDocument?->getElementsByTagName('*') ?? [] as $element) {
            $id = $element->getAttribute('id');
            if ($id !== '' && ! isset($this->byId[$id])) {
                $this->byId[$id] = $element;
            }
        }
    }

    public static function href(DOMElement $element): string
    {
        return trim($element->getAttribute('href') ?: $element->getAttributeNS('http://www.w3.org/1999/xlink', 'href'));
    }

    /** What an element names as what it is of. */
    public function of(DOMElement $element): ?DOMElement
    {
        $href = self::href($element);

        return str_starts_with($href, '#') ? $this->byId[substr($href, 1)] ?? null : null;
    }

    /** What `url(#...)` names. */
    public function named(string $value): ?DOMElement
    {
        return preg_match('/^url\(\s*[\'"]?#([^\'")]+)[\'"]?\s*\)/', $value, $found) === 1 ? $this->byId[$found[1]] ?? null : null;
    }

    /**
     * @param  list<string>  $names  of elements that may take the rest from one another
     * @return non-empty-list<DOMElement> it, and what it takes the rest from
     */
    public function chain(DOMElement $element, array $names): array
    {
        $chain = [$element];
        for ($next = $this->of($element); $next !== null && count($chain) < 8 && ! in_array($next, $chain, true) && in_array($next->localName, $names, true); $next = $this->of($next)) {
            $chain[] = $next;
        }

        return $chain;
    }
}
