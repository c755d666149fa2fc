<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Background;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\HandingOver;
use App\Export\AssetFiles;
use App\Export\SheetPictures;
use App\Models\Sheet;
use App\Tools\FileWriting;
use App\Tools\Rasteriser;
use Illuminate\Console\Command;

/** Paints a whole sheet, or all sheets as one PDF, into a file. */
final class RenderCommand extends Command
{
    use OpensDocuments;

    private const ENDINGS = ['png' => FileFormat::Png, 'jpg' => FileFormat::Jpeg, 'jpeg' => FileFormat::Jpeg, 'webp' => FileFormat::Webp, 'svg' => FileFormat::Svg, 'pdf' => FileFormat::Pdf];

    protected $signature = 'allsquare:render
        {document : id or name of a document, or the path of a document file}
        {--to= : the file; its ending says the format: png, jpg, webp, svg or pdf}
        {--sheet= : id or name of the sheet; the first without it, or all where it is a PDF}
        {--scale=1 : such as 2, 300w or 200h}
        {--background=sheet : transparent, sheet or #rrggbb}
        {--text-as-text : in SVG, texts stay texts, with their font}';

    protected $description = 'Paint a sheet into a file';

    public function handle(SheetPictures $pictures, AssetFiles $files, Rasteriser $rasteriser): int
    {
        return $this->saying(function () use ($pictures, $files, $rasteriser): int {
            $to = $this->option('to');
            if (! is_string($to) || $to === '') {
                throw Refusal::because('Say where to: --to=FILE.', 'to');
            }
            $format = self::ENDINGS[strtolower(pathinfo($to, PATHINFO_EXTENSION))]
                ?? throw Refusal::because('The ending of the file says its format. There are: '.implode(', ', array_keys(self::ENDINGS)).'.', 'to');
            $document = $this->document((string) $this->argument('document'));
            $sheets = $this->sheets($document, is_string($this->option('sheet')) ? $this->option('sheet') : null);
            if ($format === FileFormat::Pdf) {
                $pages = array_map(static fn (Sheet $sheet): string => $pictures->of($sheet)->page(), $sheets);
                $bytes = $rasteriser->pdf($pages);
            } else {
                $picture = $pictures->of($sheets[0]);
                $settings = new HandOverSettings([Scale::read((string) $this->option('scale'))], [$format], Background::read((string) $this->option('background')));
                $asset = HandingOver::of($picture->sheet, [new Slice('', 0, 'sheet', $picture->sheet->picture())], $settings, $picture->areas)->assets[0];
                Rasteriser::refuseTooLarge($asset->pixels);
                $bytes = $format === FileFormat::Svg ? $picture->asset($asset, ! $this->option('text-as-text')) : $files->one($picture, $asset);
            }
            FileWriting::folder(dirname($to));
            FileWriting::put("$to.part", $bytes);
            FileWriting::move("$to.part", $to);
            $this->line("Painted $to");

            return self::SUCCESS;
        });
    }
}
