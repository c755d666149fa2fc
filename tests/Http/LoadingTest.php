<?php

declare(strict_types=1);

namespace Tests\Http;

use AllSquare\Core\Geometry\Side;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Baseline;
use AllSquare\Core\Measure\Boxes;
use AllSquare\Core\Measure\Clearances;
use AllSquare\Core\Measure\Ground;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\Placed;
use AllSquare\Core\Text\FontLibrary;
use App\Models\Sheet;
use App\Sheets\PlanLoader;
use App\Sheets\SheetLoader;
use Illuminate\Support\Facades\DB;
use Tests\Core\Support\RandomScene;

/** What is loaded for a command is a part of the sheet, and answers as the whole would. */
final class LoadingTest extends HttpTestCase
{
    public function test_where_the_space_of_a_group_lies_is_read_to_its_last_digit(): void
    {
        ['sheet' => $sheet] = $this->begin();
        $group = $this->command($sheet, 'group', [$this->box($sheet, 0, 0), $this->box($sheet, 90, 0)])->assertOk()->json('created.0.id');
        DB::table('items')->where('id', $group)->update(['origin_x' => -173583.947699035, 'origin_y' => 235.033677933]);
        $read = array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'origin', 'id')[$group];
        self::assertSame(['x' => -173583.947699035, 'y' => 235.033677933], $read);
    }

    public function test_what_lies_near_gives_the_same_grounds_and_clearances_as_the_whole_sheet(): void
    {
        foreach (RandomScene::seeds(4) as $seed) {
            $random = new RandomScene($seed);
            $sheet = Sheet::query()->findOrFail($this->crowded($random));
            $all = $this->ids($sheet->id);
            foreach (range(1, 25) as $_) {
                $id = $random->pick($all);
                foreach ([By::Frame, By::Ink, By::Upright] as $by) {
                    self::assertSame($this->clearances($sheet, $id, Scope::Whole, $by), $this->clearances($sheet, $id, Scope::beside($by), $by), "seed $seed, $id by {$by->value}");
                }
                self::assertSame($this->ground($sheet, $id, Scope::Whole), $this->ground($sheet, $id, Scope::Beneath), "seed $seed, $id");
            }
        }
    }

    public function test_what_lies_elsewhere_is_not_loaded(): void
    {
        ['sheet' => $id] = $this->begin();
        $here = $this->box($id, 100, 100);
        $beneath = $this->box($id, 90, 90, 200, 200);
        $across = $this->box($id, 600, 120);
        $this->box($id, 600, 500);
        $sheet = Sheet::query()->findOrFail($id);
        $loaded = fn (Scope $scope): array => array_keys(app(SheetLoader::class)->draft($sheet, new Needs($scope), [$here])->tree->all());
        self::assertEqualsCanonicalizing([$here], $loaded(Scope::Branches));
        self::assertEqualsCanonicalizing([$here, $beneath], $loaded(Scope::Beneath));
        self::assertEqualsCanonicalizing([$here, $beneath, $across], $loaded(Scope::Beside));
        self::assertCount(4, $loaded(Scope::Whole));
    }

    public function test_where_everything_lies_is_read_from_what_is_kept_as_it_would_be_reckoned(): void
    {
        [$texts, $turned, $series] = [0, 0, 0];
        foreach (RandomScene::seeds(6) as $seed) {
            $random = new RandomScene($seed);
            $sheet = $this->crowded($random);
            foreach (range(1, 8) as $i) {
                $id = $this->command($sheet, 'add-item', [], ['kind' => 'text', 'text' => "Quay $i", 'x' => $i * 90, 'y' => 40 * $i, 'align' => $random->pick(['start', 'centre', 'end'])])->json('created.0.id');
                $random->maybe(50) && $this->command($sheet, 'set', [$id], $random->pick([['angle' => 90], ['angle' => 20], ['grow' => 'none'], ['locked' => true]]))->assertOk();
                $random->maybe(40) && $this->command($sheet, 'mirror', [$id], ['axis' => $random->pick(['x', 'y'])]);
            }
            $this->command($sheet, 'step-repeat', [$this->box($sheet, 900, 500)], ['count' => 3, 'dx' => 60, 'series' => true])->assertOk();
            foreach ([By::Frame, By::Ink, By::Upright] as $by) {
                $tree = app(SheetLoader::class)->draft(Sheet::query()->findOrFail($sheet), new Needs(Scope::Whole), [])->tree;
                $boxes = new Boxes($tree, app(FontLibrary::class));
                $reckoned = Planning::of($tree, $boxes, $by, new Baseline($tree, $boxes, app(FontLibrary::class)))->placed;
                $read = app(PlanLoader::class)->plan($sheet, $by, letters: true)->placed;
                self::assertEquals($reckoned, $read, "seed $seed by $by->value");
                $texts += count(array_filter($read, static fn (Placed $one): bool => $one->standsBy !== null && $one->baseline !== null));
                $turned += count(array_filter($read, static fn (Placed $one): bool => $one->isTurned || $one->isInexact || $one->locked));
                $series += count(array_filter($read, static fn (Placed $one): bool => $one->isSeries));
            }
        }
        self::assertGreaterThan(20, $texts);
        self::assertGreaterThan(20, $turned);
        self::assertGreaterThan(5, $series);
    }

    /** @return string the id of a sheet with boxes on boxes, some turned, hidden and in groups in groups */
    private function crowded(RandomScene $random): string
    {
        ['sheet' => $sheet] = $this->begin();
        foreach (range(1, 30) as $i) {
            $size = $random->pick([30, 60, 250, 700]);
            $this->box($sheet, $random->number(-50, 1100), $random->number(-50, 700), $size, $random->number(10, $size));
            if ($i % 6 === 0) {
                $some = array_values(array_unique([$random->pick($this->ids($sheet)), $random->pick($this->ids($sheet)), $random->pick($this->ids($sheet))]));
                [$command, $params] = $random->pick([['group', []], ['group', []], ['turn', ['by' => 30, 'as' => 'one']]]);
                $this->command($sheet, $command, $some, $params)->assertOk();
                $this->command($sheet, 'set', [$random->pick($this->ids($sheet))], $random->pick([['hidden' => true], ['outline' => ['colour' => '#17614f', 'weight' => 9]], ['angle' => 90]]));
            }
        }

        return $sheet;
    }

    /** @return non-empty-list<string> */
    private function ids(string $sheet): array
    {
        return array_column($this->getJson("/api/sheets/$sheet")->json('items'), 'id');
    }

    /** @return list<array{string|null, float}> */
    private function clearances(Sheet $sheet, string $id, Scope $scope, By $by): array
    {
        $draft = app(SheetLoader::class)->draft($sheet, new Needs($scope), [$id]);
        $clearances = new Clearances($draft->tree, new Boxes($draft->tree, app(FontLibrary::class)), [$id], $draft->sheet()->box(), $by);

        return array_map(static function (Side $side) use ($clearances): array {
            $clearance = $clearances->of($side);

            return [$clearance->to?->id, $clearance->size];
        }, Side::cases());
    }

    private function ground(Sheet $sheet, string $id, Scope $scope): ?string
    {
        $draft = app(SheetLoader::class)->draft($sheet, new Needs($scope), [$id]);
        $boxes = new Boxes($draft->tree, app(FontLibrary::class));

        return (new Ground($draft->tree, $boxes))->of([$id], $boxes->bounds($id))?->id;
    }
}
