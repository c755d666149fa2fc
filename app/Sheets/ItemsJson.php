<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Item\Kind;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Item\Traits\HoldsItems;
use AllSquare\Core\Item\Traits\KeepsNumbers;
use App\Storage\ItemRows;
use Illuminate\Support\Facades\DB;
use PDO;

/**
 * The items of a sheet as the API gives them (ItemRows::toAnswer), written straight from the table: fields and paintings
 * are stored as JSON already, and most of them need not be read for it.
 */
final readonly class ItemsJson
{
    /** where lengths and angles stand among the columns of an answer */
    private const LENGTHS = [5, 6, 7, 8, 9, 10, 11, 17, 18, 19, 20, 21, 22, 23, 24, 25, 26, 27, 28];

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @return string a JSON array, in tree order */
    public function of(string $sheet): string
    {
        $query = DB::connection()->getPdo()->prepare('select '.implode(', ', ItemRows::answerColumns()).' from items where sheet_id = ? order by parent_id, rank, id');
        $query->execute([$sheet]);
        $children = [];
        while ($row = $query->fetch(PDO::FETCH_NUM)) {
            $children[$row[1] ?? ''][] = [$row[0], self::item($row)];
        }
        $items = [];
        self::collect($children, '', $items);

        return '['.implode(',', $items).']';
    }

    /**
     * @param  array<string, list<array{string, string}>>  $children  ids and JSON, by parent id
     * @param  list<string>  $items  so far
     */
    private static function collect(array $children, string $parent, array &$items): void
    {
        foreach ($children[$parent] ?? [] as [$id, $json]) {
            $items[] = $json;
            if (isset($children[$id])) {
                self::collect($children, $id, $items);
            }
        }
    }

    /** @param  list<mixed>  $row  the columns of an answer, in their order */
    private static function item(array $row): string
    {
        // Whole lengths, as most are, are written sooner as integers.
        foreach (self::LENGTHS as $i) {
            $whole = (int) $row[$i];
            $row[$i] = $whole == $row[$i] ? $whole : $row[$i];
        }
        [$id, $parent, $rank, $kind, $name, $x, $y, $w, $h, $angle, $originX, $originY, $locked, $hidden, $reference, $flip, $props,
            $boundsX, $boundsY, $boundsW, $boundsH, $inkX, $inkY, $inkW, $inkH, $paintedX, $paintedY, $paintedW, $paintedH, $painting] = $row;
        $is = Kinds::named($kind);

        return '{"id":"'.$id.'","kind":"'.$kind.'","name":'.json_encode($name, self::FLAGS).',"parent":'.($parent === null ? 'null' : "\"$parent\"").",\"order\":$rank"
            .",\"frame\":{\"x\":$x,\"y\":$y,\"w\":$w,\"h\":$h},\"angle\":$angle"
            .",\"bounds\":{\"x\":$boundsX,\"y\":$boundsY,\"w\":$boundsW,\"h\":$boundsH},\"ink\":{\"x\":$inkX,\"y\":$inkY,\"w\":$inkW,\"h\":$inkH}"
            .([$paintedX, $paintedY, $paintedW, $paintedH] === [$inkX, $inkY, $inkW, $inkH] ? '' : ",\"painted\":{\"x\":$paintedX,\"y\":$paintedY,\"w\":$paintedW,\"h\":$paintedH}")
            .',"locked":'.($locked ? 'true' : 'false').',"hidden":'.($hidden ? 'true' : 'false').',"reference":'.($reference ? 'true' : 'false')
            .",\"flip\":\"$flip\",\"fields\":".self::fields($is, $props)
            // Of all numbers these alone may have more digits than PHP writes into a string.
            .($is instanceof HoldsItems ? ',"origin":'.json_encode(['x' => $originX, 'y' => $originY], self::FLAGS) : '')
            .",\"painting\":$painting}";
    }

    /** As they are stored, but for 1 where 1.0 is kept. */
    private static function fields(Kind $kind, string $stored): string
    {
        return $kind instanceof HasWords || $kind instanceof KeepsNumbers
            ? json_encode(json_decode($stored, false, flags: self::FLAGS), self::FLAGS)
            // No words of people stand in these.
            : str_replace(['.0,', '.0}', '.0]'], [',', '}', ']'], $stored);
    }
}
