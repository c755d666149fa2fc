<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

use Tests\Browser\BrowserTestCase;
use Tests\Support\Waiting;
use ZipArchive;

/** A whole piece of work: from the shelf to files handed over, in the real interface, with what it costs held against docs/JOBS.md. */
abstract class JobTestCase extends BrowserTestCase
{
    protected const DEMO = false;

    /** more presses than that are a defect of the product */
    private const MOST_PRESSES = 60;

    /** what the shelf offers to begin with */
    private const NEW = "ul[@aria-label='Begin a new document']//b";

    private const DOCUMENT = __DIR__.'/../../../docs/JOBS.md';

    protected Hand $hand;

    protected function setUp(): void
    {
        parent::setUp();
        $this->hand = new Hand($this->browser);
    }

    /** A new document of one of the sizes on the shelf. */
    protected function begin(string $preset): string
    {
        $this->browser->visit('/');
        $this->hand->step("On the shelf, a new document: $preset")->press($preset, self::NEW);

        return $this->opened();
    }

    /** A new document at an exact size. */
    protected function beginAt(string $name, string $width, string $height, string $unit = 'px', string $ppi = '96'): string
    {
        $this->browser->visit('/');
        $size = "$width × $height $unit".($unit === 'px' ? '' : " at $ppi ppi");
        $this->hand->step("On the shelf, an exact size: $size")->press('Your own', self::NEW);
        if ($unit !== 'px') {
            $this->hand->choose('Unit', $unit);
        }
        $this->hand->dialogField('Name of the document', $name)->dialogField('Width', $width)->dialogField('Height', $height);
        if ($unit !== 'px') {
            $this->hand->dialogField('Pixels per inch', $ppi);
        }
        $this->hand->press('Begin');

        return $this->opened();
    }

    /** @return string the id of the sheet that is shown */
    protected function opened(): string
    {
        Waiting::until(fn (): bool => preg_match('~/d/\w+/\w+$~', $this->browser->driver->getCurrentURL()) === 1, 'a sheet to be opened');
        $this->browser->waitForSheet();

        return basename($this->browser->driver->getCurrentURL());
    }

    /** The archive that is downloaded once it is made. */
    protected function archive(): ZipArchive
    {
        $this->hand->press('Make the archive');
        $path = Waiting::until(fn (): string|false => current(glob($this->browser->downloads.'/*.zip') ?: []), 'the archive');
        $zip = new ZipArchive;
        Waiting::until(static fn (): bool => $zip->open($path) === true, 'the whole archive');

        return $zip;
    }

    /** @return array{int, int} width and height of a picture in the archive */
    protected static function pixels(ZipArchive $zip, string $name): array
    {
        $size = getimagesizefromstring((string) $zip->getFromName($name));
        self::assertNotFalse($size, "$name is no picture; there are ".implode(', ', self::names($zip)));

        return [$size[0], $size[1]];
    }

    /** @return list<string> */
    protected static function names(ZipArchive $zip): array
    {
        return array_map(static fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
    }

    /** @return array{float, float, float, float} where something is and how large it is: x, y, w, h, px of the sheet */
    protected function place(string $sheet, string $name): array
    {
        $bounds = $this->item($sheet, $name)['bounds'];

        return [(float) $bounds['x'], (float) $bounds['y'], (float) $bounds['w'], (float) $bounds['h']];
    }

    /** Holds what it cost against the documents; with ALLSQUARE_JOBS=write, writes it there. */
    protected function done(int $number, string $title): void
    {
        $hand = $this->hand;
        $times = getenv('ALLSQUARE_JOB_TIMES');
        if (is_string($times) && $times !== '') {
            $slowest = array_map(static fn (SlowPress $press): array => [$press->milliseconds, $press->what], $hand->slowest());
            file_put_contents($times, json_encode(['job' => $number, 'title' => $title, 'slowest' => $slowest], JSON_THROW_ON_ERROR)."\n", FILE_APPEND);
        }
        $rows = array_map(static fn (Step $step): string => "| $step->words | $step->presses | $step->typed |", $hand->steps);
        $table = implode("\n", ['| step | presses | keys typed |', '|---|--:|--:|', ...$rows, "| **in all** | **{$hand->presses()}** | **{$hand->typed()}** |"]);
        $document = (string) file_get_contents(self::DOCUMENT);
        $heading = "## $number. $title\n";
        $section = '~'.preg_quote($heading, '~').'\n\K\|.*?\|(?=\n\n)~s';
        if (getenv('ALLSQUARE_JOBS') === 'write') {
            $document = str_contains($document, $heading)
                ? (string) preg_replace_callback($section, static fn (): string => $table, $document)
                : "$document\n$heading\n$table\n\nWhat annoyed: nothing.\n";
            file_put_contents(self::DOCUMENT, $document);
        }
        preg_match($section, $document, $found);
        self::assertSame($table, $found[0] ?? '', 'docs/JOBS.md says otherwise what this job costs. Write it anew: ALLSQUARE_JOBS=write vendor/bin/phpunit '.static::class);
        self::assertLessThanOrEqual(self::MOST_PRESSES, $hand->presses());
    }
}
