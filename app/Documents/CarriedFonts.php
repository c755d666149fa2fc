<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\OwnFont;
use AllSquare\Core\Sheet\OwnKit;
use App\Storage\OwnFonts;

/** The font files that a document's file carries: those of its own, and those that texts of it are set in. */
final readonly class CarriedFonts
{
    public function __construct(private OwnFonts $fonts)
    {
    }

    /** @return list<array{font: string, data: string}> their files, in base64 */
    public function of(DocumentContent $document): array
    {
        $keys = array_map(static fn (OwnFont $font): string => $font->font, array_values($document->belongings->of(OwnFont::class)));
        $families = [];
        foreach ($document->sheets as $sheet) {
            foreach ($sheet->items as $item) {
                self::collect($item->kind->fields()->stored($item->fields), $families);
            }
        }
        foreach ($document->belongings->of(OwnKit::class) as $kit) {
            self::collect($kit->items, $families);
        }
        foreach ($this->fonts->index() as $key => $entry) {
            if (isset($families[$entry['family']])) {
                $keys[] = $key;
            }
        }
        $keys = array_values(array_unique($keys));
        sort($keys);

        return array_map(fn (string $key): array => ['font' => $key, 'data' => base64_encode($this->fonts->file($key))], $keys);
    }

    /**
     * Keeps the font files of a file, and calls them in it as they are called here.
     *
     * @param  array<mixed>  $data  as the file says it
     * @return array<mixed>
     *
     * @throws Refusal when one cannot be used
     */
    public function taken(array $data): array
    {
        $keys = $families = [];
        foreach (is_array($data['font_files'] ?? null) ? $data['font_files'] : [] as $one) {
            $file = is_array($one) && is_string($one['data'] ?? null) ? base64_decode($one['data'], true) : false;
            if (! is_array($one) || ! is_string($one['font'] ?? null) || $file === false) {
                throw Refusal::because('A font in the file cannot be read.', 'font_files');
            }
            $key = $this->fonts->keep($file);
            $keys[$one['font']] = $key;
            $families[(string) preg_replace('/-\d+(-italic)?$/', '', $one['font'])] = $this->fonts->index()[$key]['family'];
        }
        unset($data['font_files']);

        return self::called($data, $keys, $families);
    }

    /**
     * @param  array<mixed>  $data
     * @param  array<string, string>  $keys
     * @param  array<string, string>  $families
     * @return array<mixed>
     */
    private static function called(array $data, array $keys, array $families): array
    {
        foreach ($data as $name => $value) {
            $data[$name] = match (true) {
                is_array($value) => self::called($value, $keys, $families),
                $name === 'font' && is_string($value) => $keys[$value] ?? $families[$value] ?? $value,
                $name === 'family' && is_string($value) => $families[$value] ?? $value,
                default => $value,
            };
        }

        return $data;
    }

    /**
     * @param  array<mixed>  $data
     * @param  array<string, true>  $families  those that texts are set in are added
     */
    private static function collect(array $data, array &$families): void
    {
        foreach ($data as $name => $value) {
            if (is_array($value)) {
                self::collect($value, $families);
            } elseif ($name === 'font' && is_string($value)) {
                $families[$value] = true;
            }
        }
    }
}
