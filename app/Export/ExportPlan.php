<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\Asset;
use AllSquare\Core\Slice\FileNames;
use AllSquare\Core\Slice\HandingOver;
use AllSquare\Core\Slice\Warning;
use AllSquare\Core\UnknownItem;
use App\Models\Document;
use App\Models\Sheet;
use App\Sheets\SheetLoader;

/** The files that an order comes to, known before any is made. */
final readonly class ExportPlan
{
    /** Px of one picture: 256 MB while it is painted. */
    private const MOST_PIXELS = 64_000_000;

    /**
     * @param  list<Slice>  $slices  those that are handed over
     * @param  list<Sheet>  $pages  whole sheets that become a PDF
     * @param  string|null  $pdf  its name in the archive
     * @param  array<string, string>  $measured  names of the measured sheet's files by format: svg, pdf, html
     */
    private function __construct(
        public Sheet $sheet,
        public ExportOrder $order,
        public SheetPicture $picture,
        public array $slices,
        public HandingOver $handingOver,
        public array $pages,
        public ?string $pdf,
        public array $measured,
        private SheetPictures $pictures,
    ) {
    }

    /** @throws UnknownItem for a slice that is not there */
    public static function of(Sheet $sheet, ExportOrder $order, SheetLoader $loader, SheetPictures $pictures): self
    {
        $picture = $pictures->of($sheet);
        $slices = self::slices($loader->belongings(Slice::class, $sheet), $order->slices);
        $names = new FileNames;
        $handingOver = HandingOver::of($picture->sheet, $slices, $order->settings, $picture->areas, $names);
        $document = Document::query()->findOrFail($sheet->document_id);
        $flat = static fn (string $name): string => str_replace('/', '-', $name);
        $pages = match ($order->sheets) {
            'all' => array_values($document->sheets->all()),
            'widths' => array_values($document->sheets->filter(static fn (Sheet $one): bool => $one->id === $sheet->id || ($sheet->page !== null && $one->page === $sheet->page))->all()),
            'this' => [$sheet],
            default => [],
        };
        $pdf = $pages === [] ? null : $names->stem($flat($order->sheets === 'all' ? $document->name : $sheet->name)).'.pdf';
        $measured = [];
        if ($order->measured) {
            $stem = $names->stem('measured/'.$flat($sheet->name));
            $measured = ['svg' => "$stem.svg", 'pdf' => "$stem.pdf", 'html' => "$stem.html"];
        }

        return new self($sheet, $order, $picture, $slices, $handingOver, $pages, $pdf, $measured, $pictures);
    }

    /** A whole sheet at its true size, as SVG. */
    public function page(Sheet $sheet): string
    {
        return ($sheet->id === $this->sheet->id ? $this->picture : $this->pictures->of($sheet))->page();
    }

    public function isEmpty(): bool
    {
        return $this->handingOver->assets === [] && $this->pages === [] && $this->measured === [];
    }

    /** @return list<string> the names of all files in the archive, in its order */
    public function names(): array
    {
        return [
            ...array_map(static fn (Asset $asset): string => $asset->file, $this->handingOver->assets),
            ...($this->pdf === null ? [] : [$this->pdf]),
            ...array_values($this->measured),
            ...($this->order->page ? ['index.html'] : []),
            'manifest.json',
        ];
    }

    /** How many files are made, besides the page and the manifest. */
    public function count(): int
    {
        return count($this->handingOver->assets) + ($this->pdf === null ? 0 : 1) + count($this->measured);
    }

    public function megapixels(): float
    {
        $pixels = 0;
        foreach ($this->handingOver->assets as $asset) {
            $pixels += $asset->format->isRaster() ? $asset->pixels[0] * $asset->pixels[1] : 0;
        }

        return $pixels / 1_000_000;
    }

    /** @throws Refusal when there is nothing to hand over, or a picture that is too large */
    public function check(): void
    {
        if ($this->isEmpty()) {
            throw Refusal::because('There are no slices to hand over. Cut some first.', 'slices');
        }
        foreach ($this->handingOver->warnings as $warning) {
            if ($warning->kind === Warning::TOO_LARGE) {
                $name = array_values(array_filter($this->slices, static fn (Slice $slice): bool => $slice->id === $warning->slice))[0]->name;
                throw Refusal::because("\"$name\": $warning->text.", 'scales');
            }
        }
        foreach ($this->handingOver->assets as $asset) {
            if ($asset->format->isRaster() && $asset->pixels[0] * $asset->pixels[1] > self::MOST_PIXELS) {
                throw Refusal::because(sprintf('%s would have %s megapixels; a picture has 64 at most.', $asset->file, number_format($asset->pixels[0] * $asset->pixels[1] / 1e6, 1)), 'scales');
            }
        }
    }

    /**
     * @param  list<Slice>  $slices  all of the sheet
     * @param  list<string>|null  $ids
     * @return list<Slice>
     */
    private static function slices(array $slices, ?array $ids): array
    {
        if ($ids === null) {
            return $slices;
        }
        $unknown = array_diff($ids, array_map(static fn (Slice $slice): string => $slice->id, $slices));
        if ($unknown !== []) {
            throw UnknownItem::named(array_values($unknown)[0], 'slice');
        }

        return array_values(array_filter($slices, static fn (Slice $slice): bool => in_array($slice->id, $ids, true)));
    }
}
