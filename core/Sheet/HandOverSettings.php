<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Refusal;

/** How slices are handed over where they do not say otherwise themselves: what a preset keeps. */
final readonly class HandOverSettings
{
    public const MOST_SCALES = 8;

    /**
     * @param  non-empty-list<Scale>  $scales
     * @param  non-empty-list<FileFormat>  $formats
     * @param  int  $quality  of JPEG and WebP, 1 to 100
     * @param  bool  $palette  PNG with a palette where nothing is lost by it
     * @param  bool  $outlines  texts in SVG as outlines; else as text, with its font
     */
    public function __construct(
        public array $scales,
        public array $formats,
        public Background $background,
        public int $quality = 90,
        public bool $palette = false,
        public bool $outlines = true,
    ) {
        if (count($scales) > self::MOST_SCALES) {
            throw Refusal::because('At most 8 sizes at a time.', 'scales');
        }
    }

    /**
     * @param  array<string, mixed>  $data  of these only what is not as at first: 1x, PNG, the sheet's background
     *
     * @throws Refusal when a size or a background cannot be read
     */
    public static function fromArray(array $data): self
    {
        $list = static fn (string $name): array => is_array($data[$name] ?? null) ? $data[$name] : [];
        $scales = Scale::readAll(array_filter($list('scales'), static fn (mixed $one): bool => is_string($one) || is_int($one) || is_float($one)));
        $formats = array_values(array_unique(array_filter(array_map(static fn (mixed $one): ?FileFormat => is_string($one) ? FileFormat::tryFrom($one) : null, $list('formats'))), SORT_REGULAR));

        return new self(
            $scales === [] ? [Scale::read(1)] : $scales,
            $formats === [] ? [FileFormat::Png] : $formats,
            Background::read(is_string($data['background'] ?? null) ? $data['background'] : 'sheet'),
            is_numeric($data['quality'] ?? null) ? max(1, min(100, (int) $data['quality'])) : 90,
            ($data['png'] ?? null) === 'palette',
            ($data['text'] ?? null) !== 'font',
        );
    }

    /** @return array<string, mixed> as the API and a preset write it */
    public function toArray(): array
    {
        return [
            'scales' => array_map(static fn (Scale $scale): string => $scale->text(), $this->scales),
            'formats' => array_column($this->formats, 'value'),
            'background' => $this->background->word,
            'quality' => $this->quality,
            'png' => $this->palette ? 'palette' : 'true-colour',
            'text' => $this->outlines ? 'outlines' : 'font',
        ];
    }
}
