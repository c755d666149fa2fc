<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use App\Tools\FileWriting;
use ZipArchive;

/** Puts the files of a plan into one ZIP archive, with a manifest and, if wished, a page that shows them. */
final readonly class ArchiveMaker
{
    public function __construct(private AssetFiles $assets)
    {
    }

    /**
     * @param  string  $folder  that is there, empty, and the caller's to delete
     * @param  array<string, string>|null  $before  SHA-256 by file name of the last archive; null where there was none
     * @param  callable(int): void  $done  told how many files are made, after each; it may throw to stop
     *
     * @throws Refusal when a file cannot be made or written
     */
    public function make(ExportPlan $plan, string $folder, MadeEarlier $stock, ?array $before, callable $done): MadeArchive
    {
        [$files, $manifest] = $this->files($plan, $folder, $stock, $before, $done);
        $path = "$folder/archive.zip";
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw Refusal::because(FileWriting::full());
        }
        foreach ($files as $file) {
            $zip->addFile($file->path, $file->name);
            // What is compressed already gets no smaller.
            $zip->setCompressionName($file->name, preg_match('/\.(png|jpg|webp|pdf)$/', $file->name) === 1 ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE);
        }
        foreach ([...($plan->order->page ? ['index.html'] : []), 'manifest.json'] as $name) {
            $zip->addFile("$folder/$name", $name);
        }
        if (! @$zip->close()) {
            @unlink($path);
            throw Refusal::because(FileWriting::full());
        }

        return new MadeArchive($path, $files, $manifest);
    }

    /**
     * The files by themselves, with the manifest and, if wished, the page beside them in the folder.
     *
     * @param  array<string, string>|null  $before  as for make()
     * @param  callable(int): void  $done  as for make()
     * @return array{list<MadeFile>, Manifest}
     */
    public function files(ExportPlan $plan, string $folder, MadeEarlier $stock, ?array $before, callable $done): array
    {
        $plan->check();
        $files = [];
        $done(0);
        foreach ($this->assets->make($plan, $folder, $stock) as $file) {
            $files[$file->name] = $file;
            $done(count($files));
        }
        $ordered = [];
        foreach ($plan->names() as $name) {
            if (isset($files[$name])) {
                $ordered[] = $files[$name];
            }
        }
        $manifest = new Manifest($plan->sheet, $ordered, $before);
        FileWriting::put("$folder/manifest.json", $manifest->json());
        if ($plan->order->page) {
            FileWriting::put("$folder/index.html", (new AssetPage($plan->sheet->name, $ordered))->html());
        }

        return [$ordered, $manifest];
    }
}
