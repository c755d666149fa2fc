<?php

declare(strict_types=1);

namespace Tests\Bench;

/** Looks and paths on the sheet of 1,000: gradients on a hundred items, and combining two shapes of 200 points. */
final readonly class Shapes
{
    /** @var array<string, list<string>> ids of two shapes, by what they are made of */
    private array $pairs;

    public function __construct(private LargeSheet $large)
    {
        $this->pairs = ['straight' => [$this->shape(0, false), $this->shape(60, false)], 'curved' => [$this->shape(0, true), $this->shape(60, true)]];
    }

    /** @return array<string, array{callable(int): array{string, string, mixed}, float}> requests by name, and at most how many times the floor they may take */
    public function requests(): array
    {
        $hundred = array_merge(...array_slice($this->large->items, 30, 5));
        $send = fn (string $command, array $items, array $params, bool $dry): array => ['POST', "sheets/{$this->large->sheet}/commands", ['command' => $command, 'items' => $items, 'params' => $params, 'dry' => $dry]];

        return [
            'a gradient set on a hundred' => [static fn (int $i): array => $send('set', $hundred, ['fill' => ['gradient' => 'linear', 'angle' => 90 + abs($i) % 2, 'stops' => [['at' => 0, 'colour' => '#17614f'], ['at' => 1, 'colour' => '#f0c96a']]]], false), 3.0],
            'two of 200 points combined' => [fn (): array => $send('combine', $this->pairs['straight'], ['how' => 'join'], true), 4.0],
            'two of 200 curves combined' => [fn (): array => $send('combine', $this->pairs['curved'], ['how' => 'cut'], true), 4.0],
        ];
    }

    /** A star of 200 points, with straight edges or curved ones. */
    private function shape(int $off, bool $isCurved): string
    {
        $data = '';
        for ($i = 0; $i < 200; $i++) {
            $radius = 100 + $i % 2 * 20;
            $at = sprintf('%.3f %.3f', 120 + $radius * cos(2 * M_PI * $i / 200), 120 + $radius * sin(2 * M_PI * $i / 200));
            $data .= $i === 0 ? "M$at" : ($isCurved ? sprintf('Q%.3f %.3f %s', 123 + $radius * cos(2 * M_PI * ($i - 0.5) / 200), 116 + $radius * sin(2 * M_PI * ($i - 0.5) / 200), $at) : "L$at");
        }

        return $this->large->command('add-item', [], ['kind' => 'path', 'x' => 3300 + $off, 'y' => ($isCurved ? 400 : 0) + $off / 3, 'subpaths' => "{$data}Z"])['created'][0]['id'];
    }
}
