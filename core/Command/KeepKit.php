<?php

declare(strict_types=1);

namespace AllSquare\Core\Command;

use AllSquare\Core\Arrange\Copies;
use AllSquare\Core\Arrange\Reparenting;
use AllSquare\Core\Clipboard\Excerpt;
use AllSquare\Core\Geometry\Length;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Refusal;
use AllSquare\Core\Running\Command;
use AllSquare\Core\Running\Needs;
use AllSquare\Core\Running\Params;
use AllSquare\Core\Running\Report;
use AllSquare\Core\Running\Scope;
use AllSquare\Core\Running\Selected;
use AllSquare\Core\Sheet\Draft;
use AllSquare\Core\Sheet\OwnKit;
use AllSquare\Core\Sheet\Words;

/** Keeps things as they are as a kit of the document, several as one group. What was put on sheets from a kit of that name stays as it is. */
final readonly class KeepKit implements Command
{
    private const MOST = 200;

    private const MOST_ITEMS = 1_000;

    private function __construct(private ?string $called)
    {
    }

    public static function name(): string
    {
        return 'keep-kit';
    }

    public static function from(Params $params): self
    {
        return new self($params->word('name'));
    }

    public function needs(): Needs
    {
        return new Needs(Scope::Order, sorts: [OwnKit::class]);
    }

    public function run(Draft $draft, array $items): Report
    {
        $ids = Selected::of($draft, $items)->ids;
        $said = Words::of($draft, $ids);
        $name = Naming::checked($this->called ?? $draft->item($ids[0])->name);
        $kits = $draft->of(OwnKit::class);
        $same = array_filter($kits->all(), static fn (OwnKit $kit): bool => mb_strtolower($kit->name) === mb_strtolower($name));
        if ($same === [] && count($kits->all()) >= self::MOST) {
            throw Refusal::because('A document keeps '.self::MOST.' kits of its own at most.', 'name');
        }
        $kept = $this->excerpt($draft, $ids, $name)->items();
        if (count($kept) > self::MOST_ITEMS) {
            throw Refusal::because(sprintf('A kit has %s things at most; these would be %s.', number_format(self::MOST_ITEMS), number_format(count($kept))));
        }
        $id = $same === [] ? $draft->nextId() : (string) array_key_first($same);
        $kits->put(new OwnKit($id, $name, $kept));

        return new Report(sprintf('Kept %s as the kit "%s"%s', $said, $name, $same === [] ? '' : ', in the place of the one of that name'), $items, ['kit' => $id]);
    }

    /**
     * Of copies, which are gone again afterwards.
     *
     * @param  list<string>  $ids
     */
    private function excerpt(Draft $draft, array $ids, string $name): Excerpt
    {
        $copies = (new Copies($draft))->of($ids);
        foreach ($copies as $i => $copy) {
            (new Reparenting($draft))->move($copy, null, $i);
        }
        $root = count($copies) === 1 ? $copies[0] : Group::from(new Params(['name' => $name]))->run($draft, $copies)->selection[0];
        $draft->put($draft->item($root)->with(['name' => $name]));
        foreach ([$draft->item($root), ...$draft->tree->descendants($root)] as $item) {
            $lengths = [...array_values($item->frame->toArray()), $item->origin->x, $item->origin->y];
            if (max(array_map(abs(...), $lengths)) > Length::LIMIT) {
                throw Refusal::because('These things reach further than 1,000,000 px and cannot be kept as a kit.');
            }
        }
        $excerpt = Excerpt::of($draft->tree, $root);
        $draft->remove($root);

        return $excerpt;
    }
}
