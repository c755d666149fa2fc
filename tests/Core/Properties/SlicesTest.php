<?php

declare(strict_types=1);

namespace Tests\Core\Properties;

use AllSquare\Core\DimensionDrawing\MeasuredSheet;
use AllSquare\Core\DimensionDrawing\MeasuredSheetOptions;
use AllSquare\Core\DimensionDrawing\MeasureKind;
use AllSquare\Core\Format\DocumentContent;
use AllSquare\Core\Format\DocumentFile;
use AllSquare\Core\Format\DocumentReader;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Geometry\Rect;
use AllSquare\Core\Item\By;
use AllSquare\Core\Measure\Planning;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Scale;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Slice\FileNames;
use AllSquare\Core\Slice\Slices;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\CountedIds;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;

/** What slices, names, measured sheets and files promise for every sheet, tried on sheets by chance. A failing seed is printed. */
final class SlicesTest extends TestCase
{
    private const SHEETS = 40;

    private const COMMANDS = [
        ['move-by', ['dx' => 7, 'dy' => -3]], ['place', ['x' => 33]], ['resize', ['handle' => 'bottom-right', 'dx' => 12, 'dy' => 9]], ['turn', ['by' => 15]],
        ['group', []], ['ungroup', []], ['order', ['to' => 'front']], ['align', ['edge' => 'left', 'to' => 'sheet']], ['mirror', ['axis' => 'x']], ['set', ['hidden' => true]],
    ];

    public function test_a_slice_that_follows_lies_out_to_whole_pixels_round_its_item_whatever_was_done(): void
    {
        // The first: the last thing that a group showed was grouped with others.
        foreach ([790643541, ...RandomScene::seeds(self::SHEETS)] as $seed) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            try {
                $scene->run('add-slice', $random->some(2), ['follow' => true]);
            } catch (Refusal) {
                continue;
            }
            foreach (range(1, 8) as $_) {
                [$command, $params] = $random->pick(self::COMMANDS);
                try {
                    $scene->run($command, $random->some(), $params);
                } catch (Refusal) {
                    continue;
                }
            }
            foreach ($scene->slices as $slice) {
                $item = $slice->cut->items[0];
                $box = Slice::outward($scene->bounds($item));
                if ($box->w >= 1.0 && $box->h >= 1.0) {
                    self::assertEquals($box->toArray(), $slice->box->toArray(), "seed $seed");
                }
                self::assertArrayHasKey($item, $scene->items, "seed $seed: what it follows is there");
            }
        }
    }

    public function test_put_onto_whole_pixels_it_is_whole_at_every_scale_and_outward_loses_nothing(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $box = ['x' => $random->number(-9000, 9000) / 100, 'y' => $random->number(-9000, 9000) / 100, 'w' => $random->number(1, 9000) / 100, 'h' => $random->number(1, 9000) / 100];
            $scales = array_map(static fn (): string => $random->pick(['1x', '1.5x', '2x', '0.75x', '3x', '1.2x']), range(1, $random->number(1, 3)));
            foreach (['outward', 'nearest'] as $towards) {
                $scene = (new RandomScene($seed))->scene;
                $scene->run('add-slice', [], $box);
                $scene->run('whole-slices', [], ['towards' => $towards, 'scales' => $scales]);
                $put = array_values($scene->slices)[0]->box;
                foreach ([1, ...$scales] as $scale) {
                    self::assertTrue(Scale::read($scale)->isWhole($put), "seed $seed, $towards, $scale: ".json_encode($put));
                }
                if ($towards === 'outward') {
                    self::assertTrue($put->contains(new Rect($box['x'], $box['y'], $box['w'], $box['h'])), "seed $seed");
                }
                self::assertTrue($scene->run('whole-slices', [], ['towards' => $towards, 'scales' => $scales])->change->isEmpty(), "seed $seed: twice is once");
            }
        }
    }

    public function test_arranging_slices_changes_nothing_but_slices_and_aligning_twice_is_aligning_once(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            foreach (range(1, $random->number(3, 7)) as $_) {
                $scene->run('add-slice', [], ['x' => $random->number(-500, 5000) / 10, 'y' => $random->number(0, 4000) / 10, 'w' => $random->number(10, 900) / 10, 'h' => $random->number(10, 900) / 10]);
            }
            $ids = array_map(strval(...), array_keys($scene->slices));
            $items = $scene->items;
            foreach ([['align', ['edge' => $random->pick(['left', 'centre', 'right', 'top', 'middle', 'bottom'])]], ['distribute', ['axis' => 'x', 'mode' => 'gaps']], ['set-gap', ['axis' => 'y', 'gap' => 10]]] as [$command, $params]) {
                $done = $scene->run('arrange-slices', [], ['slices' => $ids, 'command' => $command, 'params' => $params]);
                self::assertSame([], $done->change->items, "seed $seed, $command");
            }
            self::assertEquals($items, $scene->items);
            $align = ['slices' => $ids, 'command' => 'align', 'params' => ['edge' => 'middle']];
            $scene->run('arrange-slices', [], $align);
            self::assertTrue($scene->run('arrange-slices', [], $align)->change->isEmpty(), "seed $seed");
        }
    }

    public function test_no_two_files_are_the_same_and_none_lies_outside(): void
    {
        $letters = ['a', 'A', 'é', "e\u{301}", '/', '\\', '..', '.', ' ', 'con', 'CON', 'NUL.txt', ':', '?', '*', "\u{202e}", "\t", 'x.png', str_repeat('ß', 90), '@2x', '2'];
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $names = new FileNames;
            $stems = [];
            foreach (range(1, 40) as $_) {
                $stems[] = $names->stem(implode('', array_map(static fn (): string => $random->pick($letters), range(1, $random->number(1, 6)))));
            }
            self::assertSame(array_unique(array_map(static fn (string $stem): string => mb_strtolower($stem), $stems)), array_map(static fn (string $stem): string => mb_strtolower($stem), $stems), "seed $seed");
            foreach ($stems as $stem) {
                foreach (explode('/', $stem) as $part) {
                    self::assertMatchesRegularExpression('/^(?!\.*$)[^\x00-\x1f<>:"|?*\\\\]{1,255}(?<![ .])$/u', $part, "seed $seed");
                    self::assertLessThanOrEqual(125, strlen($part), "seed $seed");
                    self::assertDoesNotMatchRegularExpression('/^(con|prn|aux|nul|com\d|lpt\d)(\.|$)/i', $part, "seed $seed");
                }
            }
        }
    }

    public function test_a_document_out_in_and_out_again_is_the_same_bytes(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $random = new RandomScene($seed);
            $scene = $random->scene;
            try {
                $scene->run('add-slice', $random->some(2), ['name' => '{item}/{n}']);
                $scene->run('guides-from-items', $random->some(2));
            } catch (Refusal) {
                // What cannot be cut is written without it.
            }
            $content = new DocumentContent("Sheet $seed", [$scene->draft()->content()]);
            $first = DocumentFile::write($content);
            $read = (new DocumentReader(Fonts::library(), new CountedIds('read')))->read(DocumentFile::decode($first));
            self::assertSame($first, DocumentFile::write($read), "seed $seed");
            self::assertCount(count($scene->items), $read->sheets[0]->items, "seed $seed");
        }
    }

    public function test_what_is_measured_is_where_the_items_are(): void
    {
        foreach (RandomScene::seeds(self::SHEETS) as $seed) {
            $scene = (new RandomScene($seed))->scene;
            $draft = $scene->draft();
            try {
                $measured = MeasuredSheet::of($scene->sheet, $draft->tree, Planning::before($draft, By::Frame), new MeasuredSheetOptions(kinds: [MeasureKind::Size, MeasureKind::Gap, MeasureKind::Margin]), $draft->fonts);
            } catch (Refusal) {
                continue;
            }
            $edges = ['x' => [0.0, $scene->sheet->box()->w], 'y' => [0.0, $scene->sheet->box()->h]];
            foreach (Planning::before($draft, By::Frame)->placed as $one) {
                array_push($edges['x'], $one->box->x, $one->box->right());
                array_push($edges['y'], $one->box->y, $one->box->bottom());
            }
            foreach ($measured->parts as $i => $part) {
                self::assertSame([$i + 1, $scene->bounds($part->id)->toArray()], [$part->number, $part->box->toArray()], "seed $seed");
            }
            foreach ($measured->measures as $measure) {
                foreach ([$measure->from, $measure->to] as $end) {
                    $is = array_filter($edges[$measure->axis->value], static fn (float $edge): bool => Length::same($edge, $end));
                    self::assertNotSame([], $is, "seed $seed: $measure->words ends on an edge");
                }
                self::assertGreaterThan(0.0, $measure->size, "seed $seed");
            }
        }
    }
}
