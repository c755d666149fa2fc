<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Sheet\HandOverSettings;

/** What is to be handed over of a sheet. */
final readonly class ExportOrder
{
    /**
     * @param  list<string>|null  $slices  ids; null for all of the sheet
     * @param  bool  $page  with an HTML page that shows every asset
     * @param  bool  $measured  with the measured sheet
     * @param  'none'|'this'|'widths'|'all'  $sheets  whole sheets as PDF: this one, the page at all its widths in one file, or all of the document in one file
     */
    public function __construct(
        public ?array $slices,
        public HandOverSettings $settings,
        public bool $page = false,
        public bool $measured = false,
        public string $sheets = 'none',
    ) {
    }

    /** @param  array<string, mixed>  $data  checked against schema/export.json */
    public static function fromArray(array $data): self
    {
        $slices = is_array($data['slices'] ?? null) ? array_values(array_filter($data['slices'], is_string(...))) : null;

        return new self($slices, HandOverSettings::fromArray($data), ($data['page'] ?? null) === true, ($data['measured'] ?? null) === true, match ($data['sheets'] ?? null) {
            'this' => 'this',
            'widths' => 'widths',
            'all' => 'all',
            default => 'none',
        });
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [...($this->slices === null ? [] : ['slices' => $this->slices]), ...$this->settings->toArray(), 'page' => $this->page, 'measured' => $this->measured, 'sheets' => $this->sheets];
    }
}
