<?php

declare(strict_types=1);

namespace Tests\Http;

/** Icons: found by words, put on the sheet as paths, one in the middle of each of several things. */
final class IconsTest extends HttpTestCase
{
    private string $sheet = '';

    protected function setUp(): void
    {
        parent::setUp();
        ['sheet' => $this->sheet] = $this->begin(800, 600);
    }

    /** @return list<array{name: string, path: string}> */
    private function found(string $words, int $most = 20): array
    {
        return $this->getJson('/api/icons?search='.rawurlencode($words)."&most=$most")->assertOk()->assertJsonPath('side', 24)->json('icons');
    }

    public function test_icons_are_found_by_name_first_and_by_other_words(): void
    {
        self::assertSame('ship', $this->found('ship')[0]['name']);
        self::assertSame('anchor', $this->found('Anchor')[0]['name']);
        $vessel = array_column($this->found('boat', 120), 'name');
        self::assertContains('ship', $vessel, 'by another word for it');
        $arrows = array_column($this->found('arrow left', 120), 'name');
        self::assertSame('arrow-left', $arrows[0]);
        self::assertSame([], array_intersect(['arrow-up', 'panel-left'], $arrows), 'both words have to stand for it');
        $all = $this->getJson('/api/icons')->assertOk();
        self::assertGreaterThan(1_000, $all->json('count'));
        self::assertCount(120, $all->json('icons'));
        $this->getJson('/api/icons?search=zzxqy')->assertOk()->assertExactJson(['icons' => [], 'count' => 0, 'side' => 24]);
    }

    public function test_several_icons_come_into_the_middle_of_several_rounds_one_each(): void
    {
        $rounds = array_map(fn (int $i): string => $this->thing($this->sheet, 'round', 40 + $i * 100, 50, 64, 64), [0, 1, 2]);
        $icons = [...$this->found('ship', 1), ...$this->found('anchor', 1), ...$this->found('clock', 1)];
        $made = $this->command($this->sheet, 'add-icons', $rounds, ['icons' => $icons, 'colour' => '#17614f'])->assertOk()->json('created');
        self::assertCount(3, $made);
        foreach (array_column($made, null, 'name') as $name => $item) {
            $i = array_search($name, ['Ship', 'Anchor', 'Clock'], true);
            self::assertIsInt($i);
            self::assertEqualsWithDelta(40 + $i * 100 + 32, $item['bounds']['x'] + $item['bounds']['w'] / 2, 0.001, $name);
            self::assertEqualsWithDelta(82, $item['bounds']['y'] + $item['bounds']['h'] / 2, 0.001, $name);
            self::assertSame(['path', '#17614f', null], [$item['kind'], $item['fields']['outline']['colour'], $item['fields']['fill'] ?? null]);
            // Half as large as its round: 32 px for the 24 that it is drawn in.
            self::assertEqualsWithDelta(2 * 32 / 24, $item['fields']['outline']['weight'], 0.001);
            self::assertLessThanOrEqual(32, $item['bounds']['w']);
        }
        // Two for three things.
        $this->command($this->sheet, 'add-icons', $rounds, ['icons' => array_slice($icons, 0, 2)])->assertStatus(422)->assertJsonPath('errors.icons.0', 'There are 2 icons for 3 things. Choose one for all, or one for each.');
        self::assertCount(3, $this->command($this->sheet, 'add-icons', $rounds, ['icons' => [$icons[0]]])->assertOk()->json('created'), 'one for all');
        foreach (['#17614f' => '#ffffff', '#f0c96a' => '#20302d'] as $ground => $seen) {
            $round = $this->thing($this->sheet, 'round', 40, 300, 64, 64, ['fill' => $ground]);
            self::assertSame($seen, $this->command($this->sheet, 'add-icons', [$round], ['icons' => [$icons[0]]])->json('created.0.fields.outline.colour'), "on $ground");
        }
    }

    public function test_icons_come_in_a_row_about_a_point_as_large_as_is_said(): void
    {
        $icons = [...$this->found('square', 1), ...$this->found('square', 1)];
        $made = $this->command($this->sheet, 'add-icons', [], ['icons' => $icons, 'size' => 48, 'weight' => 3, 'at' => ['x' => 400, 'y' => 300]])->assertOk()->json('created');
        $left = array_map(static fn (array $item): float => (float) $item['bounds']['x'], $made);
        sort($left);
        // The square is drawn from 3 to 21 of 24: 36 px of 48. Between two of them lies the side of one.
        self::assertEquals([96, 36, 36, 3], [$left[1] - $left[0], $made[0]['bounds']['w'], $made[0]['bounds']['h'], $made[0]['fields']['outline']['weight']]);
        self::assertEqualsWithDelta(400, ($left[0] + $left[1] + 36) / 2, 0.5);
        $this->command($this->sheet, 'add-icons', [], ['icons' => []])->assertStatus(422);
        $this->command($this->sheet, 'add-icons', [], ['icons' => [['name' => 'Nothing', 'path' => 'nonsense']]])->assertStatus(422);
        $this->command($this->sheet, 'set', [$made[0]['id']], ['outline' => ['colour' => '#b8452c', 'weight' => 1]])->assertOk();
    }
}
