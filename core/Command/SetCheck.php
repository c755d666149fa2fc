<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Check\Checks;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Draft;

/** Switches a check of the document on or off, or sets the figure from which on it finds something. */
final readonly class SetCheck implements Command
{
    private function __construct(private Params $params)
    {
    }

    public static function name(): string
    {
        return 'set-check';
    }

    public static function from(Params $params): self
    {
        return new self($params);
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [CheckSettings::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $kind = $this->params->word('kind') ?? '';
        $check = Checks::all()[$kind] ?? throw Refusal::because(sprintf('There is no check "%s".', $kind), 'kind');
        $settings = $draft->of(CheckSettings::class);
        $was = array_values($settings->all())[0] ?? new CheckSettings($draft->nextId(), [], []);
        [$off, $limits] = [$was->off, $was->limits];
        $said = [];
        if ($this->params->has('on')) {
            $off = array_values(array_diff($off, [$kind]));
            $said[] = $this->params->flag('on') ? 'on' : 'off';
            $this->params->flag('on') || $off[] = $kind;
        }
        if ($this->params->has('limit')) {
            $limit = $check->about()->limit ?? throw Refusal::because('There is no figure to be set for that.', 'limit');
            $given = $this->params->number('limit');
            if ($given !== null && ($given < $limit->least || $given > $limit->most)) {
                throw Refusal::because(sprintf('That goes from %s to %s.', Length::text($limit->least), Length::text($limit->most)), 'limit');
            }
            unset($limits[$kind]);
            $limits += $given === null || $given === $limit->default ? [] : [$kind => $given];
            $said[] = trim("$limit->label ".Length::text($given ?? $limit->default)." $limit->unit");
        }
        if ($said === []) {
            throw Refusal::because('Say what of the check is to change.', 'params');
        }
        sort($off);
        ksort($limits);
        $settings->put(new CheckSettings($was->id, $off, $limits));

        return new Report(sprintf('Set the check "%s": %s', lcfirst($check->about()->heading), implode(', ', $said)), $items);
    }
}
