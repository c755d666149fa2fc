<?php

declare(strict_types=1);

namespace AllSquare\Core\Series;

use AllSquare\Core\Item\Item;
use AllSquare\Core\Item\Naming;
use AllSquare\Core\Item\Traits\HasWords;
use AllSquare\Core\Sheet\Draft;

/** What copies are called and what they say: the same, running figures that count up (01, 02, 03), or a list, one line each. */
final readonly class Counting
{
    /** @param  list<string>  $list  what the members say, in their order; empty for none */
    public function __construct(public bool $up = false, public array $list = [])
    {
    }

    public static function fromLines(bool $up, ?string $list): self
    {
        $lines = $list === null || trim($list) === '' ? [] : array_map(trim(...), explode("\n", str_replace("\r", '', trim($list, "\r\n"))));

        return new self($up, $lines);
    }

    /** The last whole number in it, so many more; as many digits as it had at least. */
    public static function counted(string $words, int $by): string
    {
        return (string) preg_replace_callback('/\d+(?=\D*$)/u', static function (array $found) use ($by): string {
            $figure = (int) substr($found[0], -15) + $by;

            return $figure < 0 ? $found[0] : str_pad((string) $figure, strlen($found[0]), '0', STR_PAD_LEFT);
        }, $words);
    }

    /**
     * Gives a member its figure or its line.
     *
     * @param  int  $place  among the members, from 0
     * @param  int  $by  how far it is from the member it is a copy of
     */
    public function apply(Draft $draft, string $id, int $place, int $by): void
    {
        if (isset($this->list[$place])) {
            foreach ($this->texts($draft, $id) as $text) {
                $this->say($draft, $text, $this->list[$place]);
                break;
            }
        } elseif ($this->up && $by !== 0) {
            $item = $draft->item($id);
            foreach ($this->texts($draft, $id) as $text) {
                $this->say($draft, $text, self::counted($text->kind instanceof HasWords ? $text->kind->words($text) : '', $by));
            }
            $draft->put($draft->item($id)->with(['name' => $item->kind instanceof HasWords ? $draft->item($id)->name : self::counted($item->name, $by)]));
        }
    }

    private function say(Draft $draft, Item $text, string $words): void
    {
        $draft->put(Naming::saying($text, $words)->fitted($draft->sheet()->wholePixels, $draft->fonts));
    }

    /** @return list<Item> the item itself, or those in it, front to back */
    private function texts(Draft $draft, string $id): array
    {
        $all = [$draft->item($id), ...$draft->tree->descendants($id)];

        return array_values(array_filter(array_reverse($all), static fn (Item $item): bool => $item->kind instanceof HasWords));
    }
}
