<?php

declare(strict_types=1);

namespace AllSquare\Core\Intent;

/** What the values of a sheet are multiples of: 8, 4, 2 or 1 px, each as likely as what is known of the sheet makes it. */
final readonly class Values
{
    private const UNITS = [8, 4, 2, 1];

    /** how likely each is of a sheet of which nothing is known */
    private const AT_FIRST = [8 => 0.15, 4 => 0.35, 2 => 0.1, 1 => 0.4];

    /** the share of values that are taken for chance */
    private const CHANCE = 0.1;

    /** what was chosen for the sheet says as much as so many values on it, and is so many times as likely as another */
    private const CHOSEN = 6;

    /**
     * @param  array<int, float>  $likely  by unit, 1 together
     * @param  list<float>  $chosen
     */
    private function __construct(private array $likely, private array $chosen, public float $evidence)
    {
    }

    /**
     * @param  list<array{float, float}>  $values  px, each with its standard deviation
     * @param  list<float>  $chosen  px, distances that were chosen for the sheet
     */
    public static function of(array $values, array $chosen = []): self
    {
        $likely = array_map(log(...), self::AT_FIRST);
        foreach ($chosen as $value) {
            array_push($values, ...array_fill(0, self::CHOSEN, [$value, 0.0]));
        }
        foreach ($values as [$value, $sure]) {
            foreach (self::UNITS as $unit) {
                $likely[$unit] += log((1 - self::CHANCE) * self::density($value, max($sure, 0.05), $unit) + self::CHANCE);
            }
        }
        $most = max($likely);
        $likely = array_map(static fn (float $one): float => exp($one - $most), $likely);
        $all = array_sum($likely);

        return new self(array_map(static fn (float $one): float => $one / $all, $likely), $chosen, $most + log($all));
    }

    /** How many times as likely a value is than if all were as likely as any, where multiples of the unit are meant. */
    private static function density(float $value, float $sure, int $unit): float
    {
        $density = 0.0;
        $nearest = floor($value / $unit + 0.5);
        $reach = (int) ceil(3 * $sure / $unit);
        for ($k = -$reach; $k <= $reach; $k++) {
            $density += exp(-(($value - ($nearest + $k) * $unit) ** 2) / (2 * $sure ** 2));
        }

        return $density * $unit / ($sure * sqrt(2 * M_PI));
    }

    /** How likely a whole value is, as a logarithm. */
    public function likely(float $value): float
    {
        $sum = self::CHANCE;
        foreach ($this->likely as $unit => $likely) {
            if (abs($value - floor($value / $unit + 0.5) * $unit) < 0.0005) {
                $sum += $likely * $unit;
            }
        }

        return log($sum * (in_array($value, $this->chosen, true) ? self::CHOSEN : 1));
    }

    /**
     * The whole value that is the likeliest.
     *
     * @param  float  $sure  px, the standard deviation of the value
     * @param  callable(float $value): float  $likely  how likely each is, as a logarithm
     */
    public static function best(float $value, float $sure, callable $likely, float $offset = 0.0): float
    {
        $sure = max($sure, 0.15);
        $middle = floor($value - $offset + 0.5) + $offset;
        $reach = min(12, (int) ceil(2.5 * $sure));
        [$best, $most] = [$middle, -INF];
        for ($k = -$reach; $k <= $reach; $k++) {
            $score = -(($middle + $k - $value) ** 2) / (2 * $sure ** 2) + $likely($middle + $k);
            if ($score > $most + 1e-9) {
                [$best, $most] = [$middle + $k, $score];
            }
        }

        return $best;
    }
}
