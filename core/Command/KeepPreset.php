<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\HandOverSettings;
use AllSquare\Core\Sheet\Preset;

/** Keeps settings for handing over under a name for all sheets of the document; in place of those of that name. */
final readonly class KeepPreset implements Command
{
    private const MOST = 100;

    private function __construct(private string $called, private HandOverSettings $settings)
    {
    }

    public static function name(): string
    {
        return 'keep-preset';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name') ?? '', HandOverSettings::fromArray($params->all()));
    }

    public function needs(): Needs
    {
        return new Needs(sorts: [Preset::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $name = Naming::checked($this->called);
        $same = array_filter($draft->of(Preset::class)->all(), static fn (Preset $preset): bool => mb_strtolower($preset->name) === mb_strtolower($name));
        if ($same === [] && count($draft->of(Preset::class)->all()) >= self::MOST) {
            throw Refusal::because('A document keeps 100 presets at most.', 'name');
        }
        $id = $same === [] ? $draft->nextId() : (string) array_key_first($same);
        $draft->of(Preset::class)->put(new Preset($id, $name, $this->settings));

        return new Report(($same === [] ? 'Kept' : 'Kept anew')." the settings for handing over as \"$name\"", $items, ['preset' => $id]);
    }
}
