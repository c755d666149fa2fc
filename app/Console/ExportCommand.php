<?php

declare(strict_types=1);

namespace App\Console;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Preset;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\FileNames;
use App\Export\ExportOrder;
use App\Export\ExportPlan;
use App\Export\FolderExport;
use App\Export\SheetPictures;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\SheetLoader;
use Illuminate\Console\Command;

/** Hands over the slices of a document into a folder. What is there already and would be the same is left as it is. */
final class ExportCommand extends Command
{
    use OpensDocuments;

    protected $signature = 'allsquare:export
        {document : id or name of a document, or the path of a document file}
        {--to= : the folder the files are put into}
        {--sheet= : id or name of one sheet; all that have slices without it, each in a folder of its own}
        {--slices= : names or patterns such as icon/*, separated by commas; all without it}
        {--preset= : name of settings that the document keeps}
        {--scales= : such as 1,2,300w}
        {--formats= : of png, jpeg, webp, svg, pdf}
        {--background= : transparent, sheet or #rrggbb}
        {--quality= : of JPEG and WebP, 1 to 100}
        {--palette : PNG with a palette where nothing is lost by it}
        {--text-as-text : in SVG, texts stay texts, with their font}
        {--page : an HTML page that shows every asset}
        {--measured : the measured sheets as well}';

    protected $description = 'Hand over the slices of a document into a folder';

    public function handle(SheetLoader $loader, SheetPictures $pictures, FolderExport $export): int
    {
        return $this->saying(function () use ($loader, $pictures, $export): int {
            $to = $this->option('to');
            if (! is_string($to) || $to === '') {
                throw Refusal::because('Say where to: --to=DIR.', 'to');
            }
            $document = $this->document((string) $this->argument('document'));
            $settings = $this->settings($document, $loader);
            $plans = [];
            foreach ($this->sheets($document, is_string($this->option('sheet')) ? $this->option('sheet') : null) as $sheet) {
                $slices = $this->slices($loader, $sheet);
                if ($slices !== [] || $this->option('measured')) {
                    $plans[] = ExportPlan::of($sheet, new ExportOrder($slices, $settings, (bool) $this->option('page'), (bool) $this->option('measured')), $loader, $pictures);
                }
            }
            if ($plans === []) {
                throw Refusal::because('There are no such slices in this document.', 'slices');
            }

            return $this->make($plans, $to, $export);
        });
    }

    /** @param  non-empty-list<ExportPlan>  $plans */
    private function make(array $plans, string $to, FolderExport $export): int
    {
        array_map(static fn (ExportPlan $plan) => $plan->check(), $plans);
        $bar = $this->getOutput()->getErrorStyle()->createProgressBar(array_sum(array_map(static fn (ExportPlan $plan): int => $plan->count(), $plans)));
        $names = new FileNames;
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];
        $before = 0;
        foreach ($plans as $plan) {
            $folder = count($plans) === 1 ? $to : $to.'/'.str_replace('/', '-', $names->stem($plan->sheet->name));
            $manifest = $export->make($plan, $folder, static function (int $done) use ($bar, $before): void {
                $bar->setProgress($before + $done);
            });
            $before += $plan->count();
            foreach ($manifest->differences() as $state => $count) {
                $counts[$state] += $count;
            }
            foreach ($plan->handingOver->warnings as $warning) {
                $name = array_values(array_filter($plan->slices, static fn (Slice $slice): bool => $slice->id === $warning->slice))[0]->name;
                $this->getOutput()->getErrorStyle()->writeln("\nNote: \"$name\": $warning->text");
            }
        }
        $bar->finish();
        $this->getOutput()->getErrorStyle()->newLine();
        $this->line(sprintf('%d files in %s: %d new, %d changed, %d as they were', $before, $to, $counts['new'], $counts['changed'], $counts['same']));

        return self::SUCCESS;
    }

    /** @return list<string> ids */
    private function slices(SheetLoader $loader, Sheet $sheet): array
    {
        $patterns = $this->listed('slices');
        $taken = array_filter($loader->belongings(Slice::class, $sheet), static fn (Slice $slice): bool => $patterns === null || array_filter(
            $patterns, static fn (string $pattern): bool => $slice->id === $pattern || fnmatch($pattern, $slice->name),
        ) !== []);

        return array_values(array_map(static fn (Slice $slice): string => $slice->id, $taken));
    }

    private function settings(Document $document, SheetLoader $loader): HandOverSettings
    {
        $data = [];
        $preset = $this->option('preset');
        if (is_string($preset)) {
            $kept = array_values(array_filter($loader->belongingTo(Preset::class, $document->id), static fn (Preset $one): bool => mb_strtolower($one->name) === mb_strtolower($preset)));
            $data = $kept === [] ? throw Refusal::because("The document keeps no settings \"$preset\".", 'preset') : $kept[0]->settings->toArray();
        }
        foreach ($this->listed('formats') ?? [] as $format) {
            if (FileFormat::tryFrom($format) === null) {
                throw Refusal::because("There is no format \"$format\". There are: ".implode(', ', array_column(FileFormat::cases(), 'value')).'.', 'formats');
            }
        }
        $quality = $this->option('quality');
        if (is_string($quality) && (! ctype_digit($quality) || (int) $quality < 1 || (int) $quality > 100)) {
            throw Refusal::because('The quality is a whole number from 1 to 100.', 'quality');
        }

        return HandOverSettings::fromArray([
            ...$data,
            ...array_filter(['scales' => $this->listed('scales'), 'formats' => $this->listed('formats'), 'background' => $this->option('background'), 'quality' => $quality], static fn (mixed $one): bool => $one !== null),
            ...($this->option('palette') ? ['png' => 'palette'] : []),
            ...($this->option('text-as-text') ? ['text' => 'font'] : []),
        ]);
    }
}
