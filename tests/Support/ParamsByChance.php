<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Randomizer;

/** Parameters of commands made from their schemas: what they allow, and now and then a little more. */
final readonly class ParamsByChance
{
    private const SUMS = ['50% - w/2', '1in/4 + 6', '2.3cm', '(3 + 4) * 2', 'x + 10', 'y - h', '-12', '1/3', '100%', '7pt', '0.0004', '2q', '1 +', 'abc'];

    private const TEXTS = ['Quay', '01', '1', '1.50', "Two\nlines", '{item} {nn}', 'é ö ß 漢', '  ', 'a/b', 'CON', '<b>&"\''];

    private const PATHS = ['M4 4L20 4L12 20Z', 'M3 12h18', 'M12 3A9 9 0 1 1 11.9 3Z', 'M6 6L6 6', 'none'];

    /** @param  array<string, list<string>>  $ids  of what is there, by the name of the parameters that take it */
    public function __construct(private Randomizer $chance, private array $ids)
    {
    }

    /** @return array<string, mixed> */
    public function of(string $command): array
    {
        $params = $this->value($this->schema($command), '');
        if (in_array($command, ['arrange-slices', 'arrange-points'], true) && is_array($params)) {
            $params['params'] = $this->of($params['command']);
        }

        return is_array($params) ? $params : [];
    }

    /** @return array<string, mixed> */
    private function schema(string $command): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 2)."/schema/commands/$command.json"), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * A schema with what it refers to in the place of the reference: all of that stands in schema/fields.json and schema/command-traits.json.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function resolved(array $schema): array
    {
        static $defs = null;
        $defs ??= array_merge(...array_map(
            static fn (string $file): array => json_decode((string) file_get_contents(dirname(__DIR__, 2)."/schema/$file.json"), true, flags: JSON_THROW_ON_ERROR)['$defs'],
            ['fields', 'command-traits'],
        ));
        if (isset($schema['$ref'])) {
            $schema = $defs[substr($schema['$ref'], strrpos($schema['$ref'], '/') + 1)];
        }
        foreach ($schema['allOf'] ?? [] as $part) {
            $schema['properties'] = [...$schema['properties'] ?? [], ...self::resolved($part)['properties'] ?? []];
        }

        return $schema;
    }

    /** @param  array<string, mixed>  $schema */
    private function value(array $schema, string $name): mixed
    {
        $schema = self::resolved($schema);
        if (isset($schema['anyOf'])) {
            return $this->value($this->pick($schema['anyOf']), $name);
        }
        if (array_key_exists('const', $schema)) {
            return $schema['const'];
        }
        if (isset($schema['enum'])) {
            return $this->pick($schema['enum']);
        }
        $types = (array) ($schema['type'] ?? ['object']);

        return match ($this->pick($types)) {
            'null' => null,
            'boolean' => $this->maybe(50),
            'integer' => (int) $this->number($schema, true),
            'number' => $this->number($schema, false),
            'string' => $this->text($schema, $name, in_array('number', $types, true)),
            'array' => $this->list($schema, $name),
            default => $this->object($schema),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function number(array $schema, bool $whole): float|int
    {
        $least = max(-1e6, (float) ($schema['minimum'] ?? $schema['exclusiveMinimum'] ?? -400));
        $most = min(1e6, (float) ($schema['maximum'] ?? 400));
        $near = $this->chance->getInt((int) max($least, -300), (int) max($least, min($most, $whole ? 8 : 300)));

        return match (true) {
            $this->maybe(3) => $this->pick([$least, $most]),
            $whole || $this->maybe(50) => $near,
            $this->maybe(50) => max($least, min($most, $near + $this->chance->getInt(-500, 500) / 1000)),
            default => max($least, min($most, $near + $this->chance->getInt(0, 1 << 40) / (1 << 40))),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function text(array $schema, string $name, bool $isSum): string
    {
        return match (true) {
            $isSum => $this->pick(self::SUMS),
            ($this->ids[$name] ?? []) !== [] && $this->maybe(95) => $this->pick($this->ids[$name]),
            isset($schema['pattern']) && str_contains($schema['pattern'], ':[0') => 'none:0:0',
            isset($schema['pattern']) && str_contains($schema['pattern'], '{40}') => '20x10-'.str_repeat('0', 40),
            isset($schema['pattern']) => str_contains($schema['pattern'], '#') ? $this->pick(['#1a2b3c', '#FFFFFF', '#1a2b3c80']) : $this->pick(['2x', '1.5', '300w', '200h', '0.5x']),
            $name === 'path' => $this->pick(self::PATHS),
            $name === 'font' => $this->pick(['overpass', 'overpass-mono', 'none']),
            default => $this->pick(self::TEXTS),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<mixed>
     */
    private function list(array $schema, string $name): array
    {
        $least = $schema['minItems'] ?? 0;
        $count = $this->chance->getInt($least, max($least, min($schema['maxItems'] ?? 4, 4)));
        $values = [];
        for ($i = 0; $i < $count; $i++) {
            $values[] = $this->value($schema['items'] ?? [], $name);
        }

        return $values;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema): array
    {
        $properties = $schema['properties'] ?? [];
        $share = $this->pick([15, 40, 70]);
        $values = [];
        foreach ($properties as $name => $one) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->maybe($share)) {
                $values[$name] = $this->value($one, $name);
            }
        }
        if ($values === [] && ($schema['minProperties'] ?? 0) > 0 && $properties !== []) {
            $name = $this->pick(array_keys($properties));
            $values[$name] = $this->value($properties[$name], $name);
        }

        return $values;
    }

    /**
     * @param  array<mixed>  $options
     */
    private function pick(array $options): mixed
    {
        return array_values($options)[$this->chance->getInt(0, count($options) - 1)];
    }

    private function maybe(int $percent): bool
    {
        return $this->chance->getInt(1, 100) <= $percent;
    }
}
