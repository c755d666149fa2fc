<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use App\Tools\FileWriting;
use Illuminate\Support\Facades\File;

/** Makes the files of a plan and puts them into a folder of the machine, with a manifest; only what differs is written. */
final readonly class FolderExport
{
    public function __construct(private ArchiveMaker $maker)
    {
    }

    /**
     * @param  callable(int): void  $done  told how many files are made
     *
     * @throws Refusal when a file cannot be made or the folder not be written: then nothing in it is another than before
     */
    public function make(ExportPlan $plan, string $to, callable $done): Manifest
    {
        FileWriting::folder($to);
        $folder = $to.'/.part-'.bin2hex(random_bytes(6));
        try {
            FileWriting::folder($folder);
            $stock = new MadeEarlierInFolder($to);
            [$files, $manifest] = $this->maker->files($plan, $folder, $stock, $stock->files(), $done);
            foreach ($files as $file) {
                if ($manifest->state($file) !== 'same' || ! is_file("$to/$file->name")) {
                    FileWriting::move($file->path, "$to/$file->name");
                }
            }
            FileWriting::move("$folder/manifest.json", "$to/manifest.json");
            if ($plan->order->page) {
                FileWriting::move("$folder/index.html", "$to/index.html");
            }

            return $manifest;
        } finally {
            File::deleteDirectory($folder);
        }
    }
}
