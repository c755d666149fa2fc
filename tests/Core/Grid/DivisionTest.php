<?php

declare(strict_types=1);

namespace Tests\Core\Grid;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Division;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DivisionTest extends TestCase
{
    public function test_seven_columns_on_a_card_propose_margins_of_57(): void
    {
        $columns = new Division(7, 18);
        self::assertSame(122.143, Length::round($columns->size(60, 1083 - 60)));
        $offers = array_column($columns->proposals(1083, 60, 60), null, 'what');
        self::assertSame([57.0, 57.0, 123.0], [$offers['margins']['leading'], $offers['margins']['trailing'], $offers['margins']['size']]);
        self::assertSame([60.0, 61.0, 122.0], [$offers['leading and trailing']['leading'], $offers['leading and trailing']['trailing'], $offers['leading and trailing']['size']]);
        self::assertEquals(0, fmod(1083 - 120 - 6 * $offers['gutter']['gutter'], 7));
    }

    public function test_eleven_rows_on_a_card_propose_margins_of_64(): void
    {
        $rows = new Division(11, 18);
        self::assertSame(151.727, Length::round($rows->size(60, 1969 - 60)));
        self::assertSame(64.0, $rows->proposals(1969, 60, 60)[0]['leading']);
    }

    public function test_columns_on_whole_pixels_differ_by_one_at_most(): void
    {
        $spans = (new Division(7, 18))->spans(60, 1023, true);
        self::assertSame([[60.0, 182.0], [200.0, 322.0]], array_slice($spans, 0, 2));
        self::assertSame(1023.0, $spans[6][1]);
        $widths = array_map(static fn (array $span): float => $span[1] - $span[0], $spans);
        self::assertLessThanOrEqual(1.0, max($widths) - min($widths));
    }

    public function test_what_does_not_fit_is_refused_with_the_reason(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('12 columns do not fit: margins and gutters leave -20 px of 200');
        (new Division(12, 20))->mustFit(50, 250, 'column');
    }

    /** For any count, gutter and margins: edges ascend and end on the margin, or it is refused. */
    public function test_edges_ascend_and_end_on_the_margin(): void
    {
        $chance = new Randomizer(new Mt19937(random_int(1, 1_000_000)));
        $fitted = $refused = 0;
        for ($i = 0; $i < 600; $i++) {
            $whole = $chance->getInt(0, 1) === 1;
            $length = static fn (int $most): float => $whole ? (float) $chance->getInt(0, $most) : $chance->getInt(0, $most * 1000) / 1000;
            $division = new Division($chance->getInt(1, 60), $length(40));
            [$from, $to] = [$length(200), 1000 - $length(200)];
            try {
                $division->mustFit($from, $to, 'column');
            } catch (Refusal) {
                self::assertLessThan(1.0, $division->size($from, $to));
                $refused++;

                continue;
            }
            $fitted++;
            $edges = array_merge(...$division->spans($from, $to, $whole));
            $ascending = $edges;
            sort($ascending);
            self::assertSame($ascending, $edges);
            self::assertEqualsWithDelta($to, end($edges), 0.0005);
            foreach ($division->spans($from, $to, $whole) as [$start, $end]) {
                self::assertGreaterThan($start, $end);
            }
        }
        self::assertGreaterThan(50, $fitted);
        self::assertGreaterThan(50, $refused);
    }

    /** Whatever is proposed is whole, fits, and nothing nearer of its sort is. */
    public function test_proposals_are_whole_and_the_nearest(): void
    {
        $chance = new Randomizer(new Mt19937(random_int(1, 1_000_000)));
        $made = 0;
        for ($i = 0; $i < 200; $i++) {
            $division = new Division($chance->getInt(2, 24), (float) $chance->getInt(0, 30));
            [$extent, $leading, $trailing] = [$chance->getInt(400, 2000), $chance->getInt(0, 90), $chance->getInt(0, 90)];
            foreach ($division->proposals($extent, $leading, $trailing) as $offer) {
                $made++;
                $is = static fn (float $lead, float $trail, float $gutter): bool => $gutter >= 0 && $lead >= 0
                    && fmod($extent - $lead - $trail - ($division->count - 1) * $gutter, $division->count) === 0.0 && (new Division($division->count, $gutter))->size($lead, $extent - $trail) >= 1;
                self::assertTrue($is($offer['leading'], $offer['trailing'], $offer['gutter']), json_encode($offer, JSON_THROW_ON_ERROR));
                if ($offer['what'] === 'gutter') {
                    for ($nearer = 0; $nearer < abs($offer['gutter'] - $division->gutter); $nearer++) {
                        self::assertFalse($is($leading, $trailing, $division->gutter - $nearer) || $is($leading, $trailing, $division->gutter + $nearer));
                    }
                }
            }
        }
        self::assertGreaterThan(200, $made);
    }
}
