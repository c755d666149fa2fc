<?php

declare(strict_types=1);

namespace App\Sheets;

use AllSquare\Core\Check\Check;
use AllSquare\Core\Check\Checks;
use AllSquare\Core\Check\Finding;
use AllSquare\Core\Check\Inspection;
use AllSquare\Core\Check\Looked;
use AllSquare\Core\Check\Texts;
use AllSquare\Core\Geometry\Spoken;
use AllSquare\Core\Geometry\Unit;
use AllSquare\Core\Item\Item;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\IgnoredFinding;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\TypeStyle;
use App\Models\Sheet;
use Illuminate\Contracts\Cache\Repository;

/** Looks a sheet through, and says what was found, in words and in figures. */
final readonly class CheckReader
{
    private const SORTS = [Guide::class, Slice::class, TypeStyle::class, CheckSettings::class, IgnoredFinding::class];

    public function __construct(private SheetLoader $loader, private Repository $cache, private FoundCounts $counts)
    {
    }

    public function inspect(Sheet $sheet): Inspection
    {
        $memory = new SheetMemory($this->cache, $sheet->id);
        $inspection = Inspection::of($this->loader->draft($sheet, new Needs(Scope::Whole, sorts: self::SORTS), []), memory: $memory);
        $memory->settle();

        return $inspection;
    }

    /**
     * @param  Unit  $unit  in which lengths are said
     * @return array<string, mixed>
     */
    public function answer(Sheet $sheet, Unit $unit): array
    {
        $done = $this->inspect($sheet);
        $at = $done->looked;
        $this->counts->keep($sheet, count($done->findings));
        $said = static fn (string $sentence): string => Spoken::in($sentence, $unit, $at->sheet->ppi);
        $by = [];
        foreach ($done->findings as $finding) {
            $by[$finding->kind][] = self::finding($finding, $said);
        }
        $texts = Texts::of($at);

        return [
            'revision' => $sheet->revision,
            'count' => count($done->findings),
            'kinds' => array_map(fn (Check $check): array => self::kind($at, $check, $by[$check->about()->kind] ?? []), array_values(Checks::all())),
            'ignored' => array_map(static fn (array $one): array => ['id' => $one[0]->id, 'kind' => $one[0]->kind, 'reason' => $one[0]->reason, 'says' => $said($one[1]->says), 'items' => $one[1]->items, 'place' => $one[1]->place->toArray()], $done->ignored),
            'looked' => ['items' => count($at->plan->placed), 'gaps' => count($at->ledger()->gaps), 'families' => count(array_unique(array_map(static fn (Item $item): string => $item->word('font'), $texts)))],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $findings
     * @return array<string, mixed>
     */
    private static function kind(Looked $at, Check $check, array $findings): array
    {
        $limit = $check->about()->limit;

        return [
            'kind' => $check->about()->kind,
            'heading' => $check->about()->heading,
            'on' => ! in_array($check->about()->kind, $at->settings->off, true),
            'plain' => $check->about()->isPlain,
            'limit' => $limit === null ? null : ['label' => $limit->label, 'value' => $at->limit($check), 'default' => $limit->default, 'least' => $limit->least, 'most' => $limit->most, 'unit' => $limit->unit],
            'findings' => $findings,
        ];
    }

    /**
     * @param  callable(string): string  $said
     * @return array<string, mixed>
     */
    private static function finding(Finding $finding, callable $said): array
    {
        return [
            'key' => $finding->key, 'kind' => $finding->kind, 'items' => $finding->items, 'place' => $finding->place->toArray(), 'says' => $said($finding->says), 'detail' => $said($finding->detail),
            'measured' => $finding->measured, 'expected' => $finding->expected, 'fixable' => $finding->fixes !== [],
        ];
    }
}
