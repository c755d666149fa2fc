<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

use AllSquare\Core\Refusal;
use AllSquare\Core\Text\Setting\SetTexts;

/**
 * All fonts that texts can be set in. Each is read when first asked for.
 *
 * @phpstan-import-type FontEntry from FontSource
 */
final class FontLibrary
{
    /** what was set with them */
    public readonly SetTexts $setTexts;

    /** @var list<FontSource> those that come first have their words for families first */
    private readonly array $sources;

    /** @var array<string, Font> by key */
    private array $fonts = [];

    /** @var array<string, array<int, string>> by key */
    private array $outlines = [];

    /** @var array<string, Font> by family, weight and slant, as they were asked for */
    private array $found = [];

    public function __construct(FontSource ...$sources)
    {
        $this->sources = array_values($sources);
        $this->setTexts = new SetTexts;
    }

    /** @return array<string, array{name: string, weights: list<int>, italics: list<int>}> the weights of each family, upright and italic */
    public function families(): array
    {
        $families = [];
        foreach ($this->entries() as $entry) {
            $families[$entry['family']] ??= ['name' => $entry['name'], 'weights' => [], 'italics' => []];
            $families[$entry['family']][$entry['italic'] ? 'italics' : 'weights'][] = $entry['weight'];
        }
        foreach ($families as &$family) {
            sort($family['weights']);
            sort($family['italics']);
        }
        uasort($families, static fn (array $a, array $b): int => strnatcasecmp($a['name'], $b['name']));

        return $families;
    }

    /** @return array<string, string> what the outlines of each font are known by, so that they are fetched once */
    public function hashes(): array
    {
        return array_map(static fn (array $entry): string => $entry['hash'], $this->entries());
    }

    /**
     * @param  int  $weight  100 to 900; the nearest weight that the family has is taken, the bolder of two
     * @param  bool  $italic  where the family has none of that slant, one of the other is taken
     *
     * @throws Refusal when there is no such family
     */
    public function font(string $family, int $weight, bool $italic = false): Font
    {
        return $this->found["$family $weight ".(int) $italic] ??= $this->nearest($family, $weight, $italic);
    }

    /** @return array<int, string> path data by code point; blanks have none */
    public function outlines(string $key): array
    {
        return $this->outlines[$key] ??= $this->source($key)->outlines($key);
    }

    /** @return string the font's file: WOFF or TrueType */
    public function file(string $key): string
    {
        return $this->source($key)->file($key);
    }

    /** @return FontEntry */
    public function entry(string $key): array
    {
        return $this->source($key)->index()[$key];
    }

    private function nearest(string $family, int $weight, bool $italic): Font
    {
        $nearest = null;
        // A source that has the family is enough: the others need not be looked into.
        for ($i = 0; $nearest === null && $i < count($this->sources); $i++) {
            foreach ($this->sources[$i]->index() as $key => $entry) {
                if ($entry['family'] === $family) {
                    // An italic of another weight is nearer than an upright; of two weights as near, the bolder one.
                    $far = (($entry['italic'] !== $italic) ? 10_000 : 0) + 2 * abs($entry['weight'] - $weight) + ($entry['weight'] < $weight ? 1 : 0);
                    $nearest = $nearest === null || $far < $nearest[0] ? [$far, $key] : $nearest;
                }
            }
        }
        if ($nearest === null) {
            throw Refusal::because(sprintf('There is no font "%s". There are: %s.', mb_strimwidth($family, 0, 40, '…'), implode(', ', array_keys($this->families()))), 'font');
        }

        return $this->fonts[$nearest[1]] ??= new Font($nearest[1], ...$this->source($nearest[1])->font($nearest[1]));
    }

    /** @return array<string, FontEntry> */
    private function entries(): array
    {
        $entries = [];
        foreach ($this->sources as $source) {
            $entries += $source->index();
        }

        return $entries;
    }

    private function source(string $key): FontSource
    {
        foreach ($this->sources as $source) {
            if (isset($source->index()[$key])) {
                return $source;
            }
        }
        throw Refusal::because('There is no such font.');
    }
}
