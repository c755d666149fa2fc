<?php

declare(strict_types=1);

namespace App\Export;

use App\Models\Sheet;

/** What an archive says of itself, and how it differs from the last one. */
final readonly class Manifest
{
    /**
     * @param  list<MadeFile>  $files  in the order of the archive
     * @param  array<string, string>|null  $before  SHA-256 by file name of the last archive of the sheet; null where there was none
     */
    public function __construct(private Sheet $sheet, private array $files, private ?array $before)
    {
    }

    public function json(): string
    {
        $core = $this->sheet->toCore();

        return json_encode([
            'sheet' => $this->sheet->name,
            'size' => ['width' => $core->width(), 'height' => $core->height()],
            'files' => array_map($this->entry(...), $this->files),
            ...($this->before === null ? [] : ['gone' => $this->gone()]),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** @return array{new: int, changed: int, same: int, gone: int} how many files are as in the last archive, and how many are not */
    public function differences(): array
    {
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => count($this->gone())];
        foreach ($this->files as $file) {
            $counts[$this->state($file)]++;
        }

        return $counts;
    }

    /** @return 'new'|'changed'|'same' */
    public function state(MadeFile $file): string
    {
        return match ($this->before[$file->name] ?? null) {
            null => 'new',
            $file->sha256 => 'same',
            default => 'changed',
        };
    }

    /** @return list<string> files of the last archive that are not in this one */
    private function gone(): array
    {
        return array_values(array_diff(array_map(strval(...), array_keys($this->before ?? [])), array_map(static fn (MadeFile $file): string => $file->name, $this->files)));
    }

    /** @return array<string, mixed> */
    private function entry(MadeFile $file): array
    {
        $asset = $file->asset;

        return [
            ...($asset === null ? [] : [
                'name' => $asset->slice->name,
            ]),
            'file' => $file->name,
            'sheet' => $this->sheet->name,
            ...($asset === null ? [] : [
                'place' => ['x' => $asset->area->x, 'y' => $asset->area->y],
                'size' => ['width' => $asset->pixels[0], 'height' => $asset->pixels[1]],
                'scale' => $asset->scale === null ? null : $asset->factor(),
                'format' => $asset->format->value,
            ]),
            'bytes' => $file->bytes,
            'sha256' => $file->sha256,
            'source' => $file->fingerprint,
            ...($this->before === null ? [] : ['compared' => $this->state($file)]),
        ];
    }
}
