<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\FileNames;
use AllSquare\Core\Slice\Slice;
use AllSquare\Core\Text\FontLibrary;
use AllSquare\Core\UnknownItem;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use RuntimeException;
use ZipArchive;

/** The slices of a sheet as one ZIP archive of PNGs with a manifest. */
final readonly class SliceArchive
{
    public function __construct(
        private SheetLoader $loader,
        private FontLibrary $fonts,
        private Rasteriser $rasteriser,
        private ExportLimits $limits,
    ) {
    }

    /**
     * @param  list<string>|null  $ids  of slices; null takes all
     * @param  non-empty-list<float>  $scales
     * @param  string  $background  transparent, sheet or #rrggbb
     * @return string the path of the archive, which is the caller's to delete
     *
     * @throws Refusal when there is nothing to hand over, or more than is done at once
     */
    public function make(Sheet $sheet, ?array $ids, array $scales, string $background): string
    {
        $files = $this->files($this->slices($sheet->id, $ids), $scales);
        $this->limits->refuseMore($files);
        $colour = match ($background) {
            'transparent' => null,
            'sheet' => $sheet->background,
            default => strtolower($background),
        };
        $picture = new SheetPicture($sheet->id, $this->fonts);
        $svgs = [];
        foreach ($files as $i => $file) {
            $this->rasteriser->refuseTooLarge($file->pixels);
            $svgs[$i] = $picture->svg($file->slice->box, $file->pixels, $colour);
        }

        return $this->archive($sheet, $files, $this->rasteriser->pngs($svgs));
    }

    /**
     * @param  list<string>|null  $ids
     * @return non-empty-list<Slice>
     */
    private function slices(string $sheetId, ?array $ids): array
    {
        $slices = $this->loader->slices($sheetId);
        if ($ids !== null) {
            $unknown = array_diff($ids, array_map(static fn (Slice $slice): string => $slice->id, $slices));
            if ($unknown !== []) {
                throw UnknownItem::named(array_values($unknown)[0], 'slice');
            }
            $slices = array_values(array_filter($slices, static fn (Slice $slice): bool => in_array($slice->id, $ids, true)));
        }

        return $slices === [] ? throw Refusal::because('There are no slices to hand over. Cut some first.', 'slices') : $slices;
    }

    /**
     * @param  non-empty-list<Slice>  $slices
     * @param  non-empty-list<float>  $scales
     * @return list<SliceFile>
     */
    private function files(array $slices, array $scales): array
    {
        $names = new FileNames;
        $files = [];
        foreach ($slices as $slice) {
            $stem = $names->stem($slice->name);
            foreach (array_values(array_unique($scales)) as $scale) {
                $files[] = new SliceFile($slice, $scale, FileNames::file($stem, $scale, 'png'), $slice->pixels($scale));
            }
        }

        return $files;
    }

    /**
     * @param  list<SliceFile>  $files
     * @param  array<array-key, string>  $pngs
     */
    private function archive(Sheet $sheet, array $files, array $pngs): string
    {
        $path = tempnam(sys_get_temp_dir(), 'slices');
        $zip = new ZipArchive;
        if ($path === false || $zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive cannot be written.');
        }
        $manifest = [];
        foreach ($files as $i => $file) {
            $zip->addFromString($file->name, $pngs[$i]);
            $zip->setCompressionName($file->name, ZipArchive::CM_STORE);
            $manifest[] = [
                'name' => $file->slice->name,
                'file' => $file->name,
                'place' => ['x' => $file->slice->box->x, 'y' => $file->slice->box->y],
                'size' => ['width' => $file->pixels[0], 'height' => $file->pixels[1]],
                'scale' => $file->scale,
                'bytes' => strlen($pngs[$i]),
                'sha256' => hash('sha256', $pngs[$i]),
            ];
        }
        $zip->addFromString('manifest.json', json_encode(
            ['sheet' => $sheet->name, 'size' => ['width' => $sheet->toCore()->width(), 'height' => $sheet->toCore()->height()], 'files' => $manifest],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        )."\n");
        if (! $zip->close()) {
            throw new RuntimeException('The archive cannot be written.');
        }

        return $path;
    }
}
