<?php

declare(strict_types=1);

namespace App\Demo;

use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Running\Catalogue;
use App\Contract\CommandCall;
use App\Documents\SheetBook;
use App\Models\Document;
use App\Models\Sheet;
use App\Models\TypeStyle;
use App\Running\CommandRunner;

/** Draws on a sheet by commands, as a person would. */
final readonly class SheetScript
{
    public function __construct(private CommandRunner $runner, public Sheet $sheet)
    {
    }

    /** On a new sheet of a document, its size in px. */
    public static function onNew(CommandRunner $runner, SheetBook $book, Document $document, string $name, float $width, float $height): self
    {
        return new self($runner, $book->add($document, $name, $width, $height, Unit::Px, 96));
    }

    /**
     * @param  list<string>  $items
     * @param  array<string, mixed>  $params
     * @return list<string> ids of what was created, or else of what was named
     */
    public function run(string $command, array $items = [], array $params = []): array
    {
        $answer = $this->runner->run($this->sheet->id, new CommandCall(Catalogue::make($command, $params), $items, $params));
        /** @var list<array{id: string, parent: string|null}> $created */
        $created = $answer['created'];

        return $created === [] ? $items : array_column($created, 'id');
    }

    /** @param  array<string, mixed>  $look */
    public function box(string $name, float $x, float $y, float $w, float $h, array $look = []): string
    {
        return $this->run('add-item', [], ['kind' => 'box', 'name' => $name, 'x' => $x, 'y' => $y, 'w' => $w, 'h' => $h, ...$look])[0];
    }

    public function round(string $name, float $x, float $y, float $size, ?string $fill, ?string $outline = null, float $weight = 2): string
    {
        return $this->run('add-item', [], [
            'kind' => 'round', 'name' => $name, 'x' => $x, 'y' => $y, 'w' => $size, 'h' => $size, 'fill' => $fill,
            ...($outline === null ? [] : ['outline' => ['colour' => $outline, 'weight' => $weight]]),
        ])[0];
    }

    public function line(string $name, float $x, float $y, float $length, string $colour, float $weight = 1, float $angle = 0): string
    {
        return $this->run('add-item', [], ['kind' => 'line', 'name' => $name, 'x' => $x, 'y' => $y, 'w' => $length, 'angle' => $angle, 'outline' => ['colour' => $colour, 'weight' => $weight]])[0];
    }

    /**
     * @param  string  $data  path data of SVG, from x, y
     * @param  array<string, mixed>  $look
     */
    public function path(string $name, float $x, float $y, string $data, array $look = []): string
    {
        return $this->run('add-item', [], ['kind' => 'path', 'name' => $name, 'x' => $x, 'y' => $y, 'subpaths' => $data, ...$look])[0];
    }

    /** @param  array<string, mixed>  $look */
    public function text(string $words, float $x, float $y, float $size, int $weight = 400, string $fill = '#20302d', array $look = []): string
    {
        return $this->run('add-item', [], ['kind' => 'text', 'text' => $words, 'x' => $x, 'y' => $y, 'size' => $size, 'weight' => $weight, 'fill' => $fill, ...$look])[0];
    }

    /** The id of a style of the document, by its name. */
    public function style(string $name): string
    {
        return TypeStyle::query()->where('document_id', $this->sheet->document_id)->where('name', $name)->firstOrFail()->getKey();
    }

    /** @param  list<string>  $items */
    public function group(string $name, array $items): string
    {
        return $this->run('group', $items, ['name' => $name])[0];
    }
}
