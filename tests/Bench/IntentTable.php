<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Core\Intent\Corpus;
use Tests\Core\Intent\Possible;
use Tests\Core\Intent\PutOff;
use Tests\Core\Intent\Scores;

/** How much of disturbed layouts comes back, by kind, beside what is possible; and how well odd gaps are told. */
final readonly class IntentTable
{
    private const SEEDS = 15;

    /** px; the least that is asked for: back, of what is possible, alignments and equal gaps that hold again */
    private const ASKED = [1 => [null, 90.0, null, null], 2 => [85.0, 90.0, 98.0, 97.0], 4 => [66.0, 90.0, 95.0, 92.0], 6 => [52.0, 90.0, null, null]];

    /** px by which sizes are disturbed too, in the second table */
    private const SIZES = 2;

    public function __construct(private Figures $figures)
    {
    }

    public function print(): void
    {
        echo "Things back at their place, and what is possible, in %:\n";
        printf("%-10s%8s%s\n", '', '0 px', implode('', array_map(static fn (int $px): string => sprintf('%15s', "$px px"), array_keys(self::ASKED))));
        $all = $possible = $own = [];
        foreach (Corpus::KINDS as $kind) {
            $square = new Scores;
            for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                $true = Corpus::square($kind, $seed);
                $square->add($true, Scores::boxes($true), Scores::meant($true)[0]->boxes, 0);
            }
            printf('%-10s%8.1f', $kind, 100 * $square->share('back'));
            foreach (array_keys(self::ASKED) as $px) {
                [$scores, $best] = $this->disturbed($kind, $px, $all[$px] ??= new Scores);
                printf('%8.1f/%6.1f', 100 * $scores, 100 * $best);
                $own[$px][] = 100 * $scores;
                $possible[$px][] = 100 * $best;
            }
            echo "\n";
        }
        foreach (self::ASKED as $px => [$back, $ofPossible, $aligned, $equal]) {
            $mean = array_sum($own[$px]) / count($own[$px]);
            $this->line("$px px, mean of the kinds", $back, $mean);
            $this->line("$px px, of what is possible", $ofPossible, 100 * $mean / (array_sum($possible[$px]) / count($possible[$px])));
            $this->line("$px px, alignments that hold again", $aligned, 100 * $all[$px]->share('aligned'));
            $this->line("$px px, equal gaps that are equal again", $equal, 100 * $all[$px]->share('equal'));
            $this->most("$px px, alignments that were not meant", 2.0, 100 * $all[$px]->share('new'));
            $this->most("$px px, torn away", 0.0, round(100 * $all[$px]->share('torn'), 1));
            $this->most("$px px, moved beyond the tolerance", 0.0, 100 * $all[$px]->share('far'));
        }
        $this->line('2 px, the kind that comes back least', 55.0, min($own[2]));
        $this->sized();
        $this->putOff();
    }

    /** @return array{float, float} the share that is back, and the one that is possible */
    private function disturbed(string $kind, int $px, Scores $all): array
    {
        [$own, $possible] = [new Scores, new Scores];
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $true = Corpus::square($kind, $seed);
            $disturbed = Corpus::disturbed($kind, $seed, $px);
            $were = Scores::boxes($disturbed);
            $are = Scores::meant($disturbed)[0]->boxes;
            $own->add($true, $were, $are, $px);
            $all->add($true, $were, $are, $px);
            $possible->add($true, $were, Possible::boxes($true, $were, $px, Corpus::unit($kind, $seed)), $px);
        }

        return [$own->share('back'), $possible->share('back')];
    }

    /** The same where sizes are off too, and may be changed. */
    private function sized(): void
    {
        foreach (array_keys(self::ASKED) as $px) {
            $scores = new Scores;
            foreach (Corpus::KINDS as $kind) {
                for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                    $disturbed = Corpus::disturbed($kind, $seed, $px, self::SIZES);
                    $scores->add(Corpus::square($kind, $seed), Scores::boxes($disturbed), Scores::meant($disturbed, sizes: true)[0]->boxes, $px);
                }
            }
            printf("%d px and sizes by %d: %.1f %% back, %.1f %% of the alignments\n", $px, self::SIZES, 100 * $scores->share('back'), 100 * $scores->share('aligned'));
        }
    }

    private function putOff(): void
    {
        $all = new Scores;
        echo "One thing that is off, and odd gaps of one to three that are, in %:\n";
        foreach (Corpus::KINDS as $kind) {
            [$one, $odd] = [new Scores, new Scores];
            for ($seed = 1; $seed <= self::SEEDS; $seed++) {
                (new PutOff($kind, $seed))->count(1, $one);
                (new PutOff($kind, $seed))->count(1, $all);
                foreach ([1, 2, 3] as $count) {
                    (new PutOff($kind, $seed))->count($count, $odd);
                }
            }
            printf("%-10s back %5.1f, the others stay %5.1f; odd: precision %5.1f, recall %5.1f\n", $kind, 100 * $one->share('mended'), 100 * $one->share('stayed'), 100 * $odd->share('precision'), 100 * $odd->share('recall'));
            $odds[] = [100 * $odd->share('precision'), 100 * $odd->share('recall')];
        }
        $this->line('one thing that is off comes back', 92.0, 100 * $all->share('mended'));
        $this->line('the others stay', 99.0, 100 * $all->share('stayed'));
        foreach (['precision', 'recall'] as $i => $name) {
            $this->line("odd gaps, $name, mean of the kinds", 92.0, array_sum(array_column($odds, $i)) / count($odds));
        }
    }

    private function line(string $what, ?float $least, float $value): void
    {
        if ($least === null) {
            printf("%s: %.2f %%\n", $what, $value);
        } else {
            echo "$what: ";
            $this->figures->atLeast($least, $value, '%');
        }
    }

    private function most(string $what, float $most, float $value): void
    {
        echo "$what: ";
        $this->figures->atMost($most, $value, '%');
    }
}
