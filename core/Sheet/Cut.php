<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

/** How one slice is cut, besides where: what it takes, what it does not leave to the settings of the handing over. */
final readonly class Cut
{
    /**
     * @param  list<string>  $items  ids of those it was cut from; of some that are gone nothing is taken
     * @param  bool  $follows  whether it goes where its item goes; it is then cut from exactly one
     * @param  bool  $only  takes its items alone, not all that lies there
     * @param  Background|null  $background  null as the handing over says
     * @param  float  $padding  px round what is taken, 0 or more
     * @param  bool  $trim  down to what is painted, shadows too
     * @param  list<Scale>|null  $scales  null as the handing over says
     * @param  list<FileFormat>|null  $formats  likewise
     * @param  int|null  $quality  likewise
     */
    public function __construct(
        public array $items = [],
        public bool $follows = false,
        public bool $only = false,
        public ?Background $background = null,
        public float $padding = 0.0,
        public bool $trim = false,
        public ?array $scales = null,
        public ?array $formats = null,
        public ?int $quality = null,
    ) {
    }

    /** @param  array<string, mixed>  $changes fields by name */
    public function with(array $changes): self
    {
        // @phpstan-ignore argument.type (the fields by their names, of their types)
        return new self(...[...get_object_vars($this), ...$changes]);
    }

    /** @return array<string, mixed> as the API and the database write it */
    public function toArray(): array
    {
        return [
            'items' => $this->items,
            'follow' => $this->follows,
            'only' => $this->only,
            'background' => $this->background?->word,
            'padding' => $this->padding,
            'trim' => $this->trim,
            'scales' => $this->scales === null ? null : array_map(static fn (Scale $scale): string => $scale->text(), $this->scales),
            'formats' => $this->formats === null ? null : array_column($this->formats, 'value'),
            'quality' => $this->quality,
        ];
    }

    /** @param  array<string, mixed>  $data  as toArray() gave it */
    public static function fromArray(array $data): self
    {
        $words = static fn (string $name): ?array => is_array($data[$name] ?? null) ? array_values(array_filter($data[$name], is_string(...))) : null;
        $scales = $words('scales');

        return new self(
            $words('items') ?? [],
            ($data['follow'] ?? null) === true,
            ($data['only'] ?? null) === true,
            is_string($data['background'] ?? null) ? Background::read($data['background']) : null,
            is_numeric($data['padding'] ?? null) ? (float) $data['padding'] : 0.0,
            ($data['trim'] ?? null) === true,
            $scales === null ? null : Scale::readAll($scales),
            $words('formats') === null ? null : array_values(array_filter(array_map(FileFormat::tryFrom(...), $words('formats')))),
            is_numeric($data['quality'] ?? null) ? (int) $data['quality'] : null,
        );
    }
}
