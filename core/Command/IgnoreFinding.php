<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Check\Inspection;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Sheet\CheckSettings;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\Guide;
use AllSquare\Core\Sheet\IgnoredFinding;
use AllSquare\Core\Sheet\Slice;
use AllSquare\Core\Sheet\TypeStyle;

/** Ignores a finding, with a reason, for as long as the things that it is about stay as they are. */
final readonly class IgnoreFinding implements Command
{
    private const MOST = 1_000;

    private function __construct(private string $key, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'ignore-finding';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('finding') ?? '', trim($params->word('reason') ?? ''));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Whole, sorts: [Guide::class, Slice::class, TypeStyle::class, CheckSettings::class, IgnoredFinding::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $found = array_column(Inspection::of($draft)->findings, null, 'key')[$this->key] ?? throw Refusal::because('That is not found on this sheet any more. Look again.', 'finding');
        $kept = $draft->of(IgnoredFinding::class);
        // What was ignored under the same key and is found again was another thing then.
        foreach ($kept->all() as $one) {
            if ($one->key === $found->key) {
                $kept->remove($one->id);
            }
        }
        if (count($kept->all()) >= self::MOST) {
            throw Refusal::because('A sheet keeps 1,000 ignored findings. Switch the check off instead.', 'finding');
        }
        $kept->put(new IgnoredFinding($draft->nextId(), $found->kind, $found->about, $found->items, Inspection::fingerprint($draft, $found), $this->reason));

        return new Report("Ignored: $found->says".($this->reason === '' ? '' : " ($this->reason)"), $items);
    }
}
