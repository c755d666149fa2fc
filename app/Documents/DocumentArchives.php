<?php

declare(strict_types=1);

namespace App\Documents;

use AllSquare\Core\Refusal;
use AllSquare\Core\Slice\FileNames;
use App\Models\Document;
use App\Pictures\Mentions;
use App\Pictures\MissingPicture;
use App\Pictures\PictureStore;
use App\Tools\FileWriting;
use ZipArchive;

/** A document as a ZIP archive: its JSON file, and its pictures as files beside it. */
final readonly class DocumentArchives
{
    private const DOCUMENT = 'document.json';

    public function __construct(private DocumentFiles $files, private PictureStore $pictures)
    {
    }

    /** @return string the path of a file that whoever asked deletes */
    public function write(Document $document): string
    {
        $json = $this->files->write($document, alone: false);

        return self::archived(function (ZipArchive $zip) use ($json): void {
            $zip->addFromString(self::DOCUMENT, $json);
            foreach (Mentions::in($json) as $key) {
                $file = $this->pictures->file($key);
                if ($file !== null) {
                    $zip->addFile($file, $inside = "pictures/$key.".pathinfo($file, PATHINFO_EXTENSION));
                    // Pictures are as small as they get.
                    $zip->setCompressionName($inside, ZipArchive::CM_STORE);
                }
            }
        });
    }

    /**
     * Many documents, each as a file of its own with its pictures in it. What cannot be written is told in a text beside the others.
     *
     * @param  iterable<Document>  $documents
     * @return string the path of a file that whoever asked deletes
     */
    public function all(iterable $documents): string
    {
        $names = new FileNames;
        $written = $failed = [];
        try {
            return self::archived(function (ZipArchive $zip) use ($documents, $names, &$written, &$failed): void {
                foreach ($documents as $document) {
                    $name = $names->stem(str_replace(['/', '\\'], '-', $document->name));
                    try {
                        $written[] = $one = (string) tempnam(sys_get_temp_dir(), 'document');
                        FileWriting::put($one, $this->files->write($document));
                        $zip->addFile($one, "$name.allsquare.json");
                    } catch (Refusal|MissingPicture $error) {
                        $failed[] = "$document->name: {$error->getMessage()}";
                    }
                }
                $failed === [] || $zip->addFromString('not saved.txt', implode("\n", $failed)."\n");
            });
        } finally {
            array_map(unlink(...), $written);
        }
    }

    /**
     * @param  callable(ZipArchive): void  $fill
     * @return string the path of the archive
     *
     * @throws Refusal when the disk is full
     */
    private static function archived(callable $fill): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'documents');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw Refusal::because(FileWriting::full());
        }
        $fill($zip);
        if (! $zip->close()) {
            throw Refusal::because(FileWriting::full());
        }

        return $path;
    }

    /** @throws Refusal when it is no archive of a document, or something in it cannot be */
    public function open(string $bytes): Document
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'document');
        try {
            FileWriting::put($path, $bytes);
            $zip = new ZipArchive;
            if ($zip->open($path, ZipArchive::RDONLY) !== true) {
                throw Refusal::because('This archive cannot be read.', 'file');
            }
            $json = self::entry($zip, self::DOCUMENT, (int) config('allsquare.file')) ?? throw Refusal::because('There is no document in this archive: it has no '.self::DOCUMENT.'.', 'file');

            return $this->files->open($json, static fn (string $key): ?string => self::entry($zip, "pictures/$key.jpg", (int) config('allsquare.picture')) ?? self::entry($zip, "pictures/$key.png", (int) config('allsquare.picture')));
        } finally {
            unlink($path);
        }
    }

    /** What a file in it holds, where that is not more than it may be. */
    private static function entry(ZipArchive $zip, string $name, int $most): ?string
    {
        $stat = $zip->statName($name);
        if ($stat === false) {
            return null;
        }
        if ($stat['size'] > $most) {
            throw Refusal::because(sprintf('%s in the archive is larger than %d MB.', $name, $most / 1024 / 1024), 'file');
        }
        $bytes = $zip->getFromName($name, $most);

        return $bytes === false ? null : $bytes;
    }
}
