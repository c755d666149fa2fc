<?php

declare(strict_types=1);

namespace AllSquare\Core\Running;

use AllSquare\Core\Geometry\Axis;
use AllSquare\Core\Refusal;
use AllSquare\Core\Sheet\Background;
use AllSquare\Core\Sheet\Cut;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Figures;
use AllSquare\Core\Sheet\FileFormat;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Scale;

/** Reads of a command's parameters how a slice is cut. What is null is left to the settings of the handing over again. */
final readonly class CutParams
{
    public const NAMES = ['follow', 'only', 'background', 'padding', 'trim', 'scales', 'formats', 'quality'];

    public function __construct(private Params $params, private Draft $draft)
    {
    }

    /**
     * @param  Cut  $was  what stays where nothing is said
     *
     * @throws Refusal when a slice that was cut from no item is to take its items alone, or to follow one
     */
    public function on(Cut $was): Cut
    {
        $changes = [];
        foreach (array_filter(self::NAMES, $this->params->has(...)) as $name) {
            $changes[$name === 'follow' ? 'follows' : $name] = match ($name) {
                'follow', 'only', 'trim' => $this->params->flag($name),
                'background' => $this->params->word($name) === null ? null : Background::read($this->params->word($name)),
                'padding' => (new Figures($this->draft))->size($this->params->length($name) ?? 0.0, Axis::X, 'padding'),
                'scales' => $this->scales(),
                'formats' => $this->params->value($name) === null ? null : array_values(array_filter(array_map(FileFormat::tryFrom(...), array_unique($this->params->words($name))))),
                default => $this->params->count($name),
            };
        }
        $cut = $was->with($changes);
        if ($cut->follows && count($cut->items) !== 1) {
            throw Refusal::because('A slice follows one item. This one was cut from '.($cut->items === [] ? 'none.' : count($cut->items).'.'), 'follow');
        }
        if ($cut->only && $cut->items === []) {
            throw Refusal::because('This slice was cut from no item, so it takes all that lies there.', 'only');
        }

        return $cut;
    }

    /** @return list<Scale>|null */
    private function scales(): ?array
    {
        $given = $this->params->value('scales');
        if (! is_array($given)) {
            return null;
        }
        $scales = Scale::readAll(array_filter($given, static fn (mixed $one): bool => is_string($one) || is_int($one) || is_float($one)));

        return count($scales) > HandOverSettings::MOST_SCALES ? throw Refusal::because('At most 8 sizes at a time.', 'scales') : $scales;
    }
}
