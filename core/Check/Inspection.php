<?php

declare(strict_types=1);

namespace AllSquare\Core\Check;

use AllSquare\Core\Intent\Memory;
use AllSquare\Core\Item\Painting\Painters;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\IgnoredFinding;
use AllSquare\Core\Sheet\TreeBranch;

/** What was found on a sheet, and what of it is ignored. */
final readonly class Inspection
{
    /**
     * @param  list<Finding>  $findings  by kind, in the order of the checks
     * @param  list<array{IgnoredFinding, Finding}>  $ignored  those that are ignored, for as long as their things stay as they were
     */
    private function __construct(public Looked $looked, public array $findings, public array $ignored)
    {
    }

    /**
     * @param  list<string>|null  $kinds  only these; null for all that are switched on
     * @param  Memory|null  $memory  of how things were meant to lie
     */
    public static function of(Draft $draft, ?array $kinds = null, ?Memory $memory = null): self
    {
        $looked = new Looked($draft, $memory);
        $kept = [];
        foreach ($draft->of(IgnoredFinding::class)->all() as $one) {
            $kept[$one->key] = $one;
        }
        $findings = $ignored = [];
        foreach (Checks::all() as $kind => $check) {
            if (in_array($kind, $looked->settings->off, true) || ($kinds !== null && ! in_array($kind, $kinds, true))) {
                continue;
            }
            foreach ($check->find($looked) as $finding) {
                $let = $kept[$finding->key] ?? null;
                if ($let !== null && $let->fingerprint === self::fingerprint($draft, $finding)) {
                    $ignored[] = [$let, $finding];
                } else {
                    $findings[] = $finding;
                }
            }
        }

        return new self($looked, $findings, $ignored);
    }

    /** Another one as soon as the things that a finding is about are others. */
    public static function fingerprint(Draft $draft, Finding $finding): string
    {
        $things = [];
        foreach ($finding->items as $id) {
            if ($draft->tree->has($id)) {
                $item = $draft->item($id);
                $things[] = [Painters::hash(new TreeBranch($draft->tree, $item)), $item->frame->toArray(), $item->angle, $item->name];
            }
        }

        return hash('xxh64', json_encode([$finding->measured, $finding->expected, $things], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
