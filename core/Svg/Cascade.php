<?php

declare(strict_types=1);

namespace AllSquare\Core\Svg;

use DOMElement;

/** What `<style>` says, with simple selectors: of an element, a class, an id, all, or several of these at once (Selectors 4). */
final class Cascade
{
    /** @var list<array{selector: array{element: string, id: string, classes: list<string>}, weight: int, declarations: array<string, string>}> the weakest first */
    private array $rules = [];

    public function __construct(private readonly LeftOut $leftOut)
    {
    }

    public function add(string $css): void
    {
        $css = (string) preg_replace('~/\*.*?\*/|<!--|-->~s', '', $css);
        // Rules in rules (media, keyframes) are none of a drawing that stands still.
        $css = (string) preg_replace_callback('/@[\w-]+[^{;]*(?:;|\{(?:[^{}]*\{[^{}]*\})*[^{}]*\})/', function (): string {
            $this->leftOut->add('a rule of its style that begins with @');

            return '';
        }, $css);
        preg_match_all('/([^{}]+)\{([^{}]*)\}/', $css, $found, PREG_SET_ORDER);
        foreach ($found as [, $selectors, $body]) {
            foreach (explode(',', $selectors) as $selector) {
                $this->rule(trim($selector), self::declarations($body));
            }
        }
        usort($this->rules, static fn (array $a, array $b): int => $a['weight'] <=> $b['weight']);
    }

    /** @return array<string, string> what is said of it: its attributes, then rules, then its own style */
    public function of(DOMElement $element): array
    {
        $said = [];
        foreach ($element->attributes as $attribute) {
            if ($attribute->namespaceURI === null) {
                $said[$attribute->localName ?? ''] = trim($attribute->value);
            }
        }
        $classes = preg_split('/\s+/', $element->getAttribute('class')) ?: [];
        foreach ($this->rules as ['selector' => $selector, 'declarations' => $declarations]) {
            if (($selector['element'] === '' || $selector['element'] === $element->localName)
                && ($selector['id'] === '' || $selector['id'] === $element->getAttribute('id'))
                && array_diff($selector['classes'], $classes) === []) {
                $said = [...$said, ...$declarations];
            }
        }

        return [...$said, ...self::declarations($element->getAttribute('style'))];
    }

    /** @param  array<string, string>  $declarations */
    private function rule(string $selector, array $declarations): void
    {
        if (preg_match('/^(\*|[a-zA-Z][\w-]*)?((?:[.#][\w-]+)*)$/', $selector, $found) !== 1 || $selector === '') {
            $this->leftOut->add('a rule of its style that is not simple');

            return;
        }
        preg_match_all('/[.#][\w-]+/', $found[2], $parts);
        $ids = array_values(array_filter($parts[0], static fn (string $part): bool => $part[0] === '#'));
        $classes = array_values(array_map(static fn (string $part): string => substr($part, 1), array_filter($parts[0], static fn (string $part): bool => $part[0] === '.')));
        $element = $found[1] === '*' ? '' : $found[1];
        $this->rules[] = [
            'selector' => ['element' => $element, 'id' => substr($ids[0] ?? '', 1), 'classes' => $classes],
            'weight' => 10_000 * count($ids) + 100 * count($classes) + ($element === '' ? 0 : 1),
            'declarations' => $declarations,
        ];
    }

    /** @return array<string, string> */
    private static function declarations(string $text): array
    {
        $said = [];
        foreach (explode(';', $text) as $one) {
            $parts = explode(':', $one, 2);
            if (count($parts) === 2) {
                $said[strtolower(trim($parts[0]))] = trim((string) preg_replace('/!\s*important\s*$/i', '', $parts[1]));
            }
        }

        return $said;
    }
}
