<?php

declare(strict_types=1);

namespace Tests\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Text\TextKind;
use AllSquare\Core\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Core\Support\RandomScene;
use Tests\Core\Support\Scene;

/** Letters set otherwise than their text, and texts as large as their frames allow (RULES 17). */
final class LettersCommandsTest extends TestCase
{
    private static function scene(): Scene
    {
        return Scene::of()->put('notice', 40, 40, 300, 80, ['kind' => 'text', 'text' => "Sailings resume\nat noon", 'size' => 20, 'grow' => 'none'])->put('card', 0, 0, 40, 40);
    }

    /** @return array<string, mixed> */
    private static function stored(Scene $scene, string $id): array
    {
        $item = $scene->items[$id];

        return $item->kind->fields()->stored($item->fields);
    }

    public function test_letters_are_set_otherwise_and_the_rest_stays(): void
    {
        $scene = self::scene();
        $said = $scene->run('set-words', ['notice'], ['from' => 9, 'to' => 15, 'styles' => ['weight' => '700', 'italic' => true]])->report->summary;
        self::assertSame('Set weight, italic of "resume" in "notice"', $said);
        $runs = self::stored($scene, 'notice')['runs'];
        self::assertCount(1, $runs);
        self::assertSame([9, 15], [$runs[0]['from'], $runs[0]['to']]);
        self::assertSame(400, (int) self::stored($scene, 'notice')['weight']);
        $scene->run('set-words', ['notice'], ['from' => 0, 'to' => 15, 'styles' => ['weight' => '400', 'italic' => false]]);
        self::assertSame([], self::stored($scene, 'notice')['runs'] ?? [], 'as the text is set, it is no run');
    }

    public function test_a_paragraph_is_set_as_a_whole_wherever_in_it_the_letters_are(): void
    {
        $scene = self::scene();
        $scene->run('set-words', ['notice'], ['from' => 18, 'to' => 18, 'styles' => ['align' => 'end']]);
        $lines = (new TextKind)->lines($scene->items['notice'], Fonts::library());
        self::assertSame(0.0, $lines[0]['carets'][0]);
        self::assertEqualsWithDelta(300.0, $lines[1]['carets'][count($lines[1]['carets']) - 1], 0.01, 'the second ends where the frame does');
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'the wrong way round' => [['notice'], ['from' => 9, 'to' => 4, 'styles' => ['italic' => true]], 'There is nothing from character 9 to 4.'];
        yield 'beyond the last letter' => [['notice'], ['from' => 90, 'to' => 99, 'styles' => ['italic' => true]], 'There is nothing from character 90 to 23.'];
        yield 'letters of a box' => [['card'], ['from' => 0, 'to' => 1, 'styles' => ['italic' => true]], '"card" is a box: it has no lines of words.'];
        yield 'letters of two things' => [['notice', 'card'], ['from' => 0, 'to' => 1, 'styles' => ['italic' => true]], 'Name the one text of which this is a part.'];
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, mixed>  $params
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_set_is_refused_and_changes_nothing(array $ids, array $params, string $reason): void
    {
        $scene = self::scene();
        $was = $scene->items;
        try {
            $scene->run('set-words', $ids, $params);
            self::fail('It was done.');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($reason, $refusal->getMessage());
        }
        self::assertEquals($was, $scene->items);
    }

    public function test_letters_that_a_family_lacks_are_said(): void
    {
        $scene = Scene::of()->put('t', 0, 0, 200, 40, ['kind' => 'text', 'text' => "Pier \u{4E00}"]);
        self::assertSame(["\u{4E00}"], $scene->run('set-words', ['t'], ['from' => 0, 'to' => 6, 'styles' => ['italic' => true]])->report->details['missing_characters'] ?? null);
    }

    public function test_a_text_is_tracked_until_its_longest_line_fills_its_frame(): void
    {
        $tried = 0;
        $chance = new Randomizer(new Mt19937(11));
        foreach (['TIDES', 'Merrow Sound', "Harbour\nfair at noon", 'ill'] as $text) {
            foreach ([14.0, 33.0, 96.0] as $size) {
                $w = round($size * mb_strlen($text) * $chance->getInt(100, 140) / 100);
                $scene = Scene::of()->put('t', 0, 0, $w, 300, ['kind' => 'text', 'text' => $text, 'size' => $size, 'grow' => 'none']);
                $summary = $scene->run('fit-text', ['t'], ['by' => 'tracking'])->report->summary;
                $tracking = $scene->items['t']->number('tracking');
                self::assertStringContainsString(sprintf('by %s, to the width of its frame', Length::text($tracking)), $summary);
                self::assertSame([$size, $w], [$scene->items['t']->number('size'), $scene->items['t']->frame->w]);
                $scene->run('set', ['t'], ['grow' => 'both']);
                self::assertEqualsWithDelta($w, $scene->bounds('t')->w, 1.0, "\"$text\" at $size px, tracked by $tracking");
                $tried++;
            }
        }
        self::assertSame(12, $tried);
        $this->expectExceptionMessage('No tracking from -500 to 5,000 makes the longest line of "I" as wide as its frame of 300 × 40.');
        Scene::of()->put('t', 0, 0, 300, 40, ['kind' => 'text', 'text' => 'I', 'name' => 'I', 'grow' => 'none'])->run('fit-text', ['t'], ['by' => 'tracking']);
    }

    /** The largest whole size at which all words fit: at one px more they do not. */
    public function test_a_text_is_as_large_as_its_frame_allows(): void
    {
        $tried = $refused = 0;
        $words = ['Sound', 'Merrow', 'pier', 'of', 'ferries', 'noon', 'crossing', 'and', 'a', 'timetable'];
        foreach (RandomScene::seeds(3) as $seed) {
            $chance = new Randomizer(new Mt19937($seed));
            for ($i = 0; $i < 25; $i++) {
                $text = implode(' ', array_map(static fn (int $k): string => $words[$chance->getInt(0, count($words) - 1)], range(1, $chance->getInt(1, 12))));
                $scene = Scene::of()->put('t', 0, 0, $chance->getInt(60, 600), $chance->getInt(20, 300), ['kind' => 'text', 'text' => $text, 'size' => 16, 'grow' => 'none']);
                $tried++;
                try {
                    $scene->run('fit-text', ['t']);
                } catch (Refusal) {
                    $refused++;

                    continue;
                }
                $size = $scene->items['t']->number('size');
                self::assertSame(floor($size), $size);
                self::assertLessThanOrEqual($scene->items['t']->frame->h + 0.001, self::grown($text, $size, $scene->items['t']->frame->w), "seed $seed: \"$text\" at $size px");
                $more = self::grown($text, $size + 1.0, $scene->items['t']->frame->w);
                $widest = max(array_map(static fn (string $word): float => self::width($word, $size + 1.0), explode(' ', $text)));
                self::assertTrue($more > $scene->items['t']->frame->h || $widest > $scene->items['t']->frame->w, "seed $seed: \"$text\" would fit at ".($size + 1.0).' px as well');
            }
        }
        self::assertSame(75, $tried);
        self::assertLessThan(10, $refused);
    }

    /** How high a text is in a width. */
    private static function grown(string $text, float $size, float $width): float
    {
        $scene = Scene::of()->put('h', 0, 0, $width, 10, ['kind' => 'text', 'text' => $text, 'size' => $size, 'grow' => 'none']);
        $scene->run('set', ['h'], ['grow' => 'down']);

        return $scene->items['h']->frame->h;
    }

    /** How wide a word is on one line. */
    private static function width(string $word, float $size): float
    {
        $scene = Scene::of()->put('w', 0, 0, 10, 10, ['kind' => 'text', 'text' => $word, 'size' => $size, 'grow' => 'none']);
        $scene->run('set', ['w'], ['grow' => 'both']);

        return $scene->items['w']->frame->w;
    }
}
