<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Kinds;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Catalogue;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\PastCommand;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Traits\Repeatable;
use AllSquare\Core\Running\Traits\SelectsWhatItMade;
use AllSquare\Core\Sheet\Draft;

/**
 * Does what was done last once more, on what is selected now (RULES 7): the last command that arranged, set or copied.
 * A copy followed only by moves of the copies is one offset. What is run and recorded is that command itself.
 */
final readonly class Again implements Command, SelectsWhatItMade
{
    public static function name(): string
    {
        return 'again';
    }

    public static function from(Params $params): self
    {
        return new self;
    }

    /**
     * What is to be run instead.
     *
     * @param  iterable<PastCommand>  $past  of the document, the latest first, without those undone
     * @return array{string, array<string, mixed>, string} the command's name, its parameters, and the unit of their bare numbers
     *
     * @throws Refusal when nothing that can be done again was done
     */
    public static function of(iterable $past): array
    {
        $last = null;
        $way = ['dx' => 0.0, 'dy' => 0.0];
        foreach ($past as $line) {
            if (! self::isRepeatable($line)) {
                continue;
            }
            if ($last === null && $line->name !== 'move-by') {
                return [$line->name, $line->params, $line->unit];
            }
            $last ??= $line;
            $isOfTheSame = self::alike($line->after, $last->after);
            $distance = $line->distance();
            if ($line->name === 'move-by' && $isOfTheSame && $distance !== null) {
                $way = ['dx' => $way['dx'] + $distance['dx'], 'dy' => $way['dy'] + $distance['dy']];
            } elseif ($line->name === 'duplicate' && $isOfTheSame) {
                return ['duplicate', [...$line->params, 'dx' => self::sum($line->params['dx'] ?? 0, $way['dx']), 'dy' => self::sum($line->params['dy'] ?? 0, $way['dy'])], $line->unit];
            } else {
                break;
            }
        }

        return $last === null
            ? throw Refusal::because('There is nothing to do again yet. Arrange, set or copy something first.', 'command')
            : [$last->name, $last->params, $last->unit];
    }

    public function needs(): Needs
    {
        return new Needs;
    }

    public function run(Draft $draft, array $items): Report
    {
        throw Refusal::because('There is nothing to do again yet. Arrange, set or copy something first.', 'command');
    }

    private static function isRepeatable(PastCommand $line): bool
    {
        // A name, or words, are of one thing only: the same for another would hardly be meant.
        $isOwn = static fn (string $param): bool => $param === 'name' || (Kinds::fields()[$param] ?? null)?->isOwn === true;

        return is_a(Catalogue::all()[$line->name] ?? '', Repeatable::class, true) && array_filter(array_keys($line->params), $isOwn) === [];
    }

    /**
     * @param  list<string>  $a
     * @param  list<string>  $b
     */
    private static function alike(array $a, array $b): bool
    {
        sort($a);
        sort($b);

        return $a === $b;
    }

    private static function sum(mixed $given, float $way): float|string
    {
        return is_string($given) ? "($given) + ".Length::text($way).'px' : (is_numeric($given) ? (float) $given : 0.0) + $way;
    }
}
