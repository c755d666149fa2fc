<?php

declare(strict_types=1);

namespace AllSquare\Core\Item\Type;

/** What differs between two texts, as one piece that was put in the place of another: what they have in common stands before and behind it. */
final readonly class Edit
{
    /**
     * @param  int  $from  characters before it
     * @param  int  $was  characters that were taken out
     * @param  int  $is  characters that were put in
     * @param  int  $line  line ends before it
     * @param  int  $linesWere  line ends that were taken out
     * @param  int  $linesAre  line ends that were put in
     */
    private function __construct(private int $from, private int $was, private int $is, public int $line, public int $linesWere, public int $linesAre)
    {
    }

    /** @param  int|null  $caret  how many characters of what it is now end with what was put in, which tells one of two equal letters from the other */
    public static function between(string $was, string $is, ?int $caret = null): self
    {
        // As bytes first, which is fast, and then back to the last whole character.
        $most = min(strlen($was), strlen($is));
        $behind = $caret === null ? 0 : min($most, strlen(mb_substr($is, $caret)));
        $kept = substr($was, strlen($was) - $behind) === substr($is, strlen($is) - $behind) ? $behind : 0;
        $from = min($most - $kept, strspn($was ^ $is, "\0"));
        while ($from > 0 && (self::isInside($was, $from) || self::isInside($is, $from))) {
            $from--;
        }
        $back = min($most - $from, strspn(strrev($was) ^ strrev($is), "\0"));
        while ($back > 0 && self::isInside($was, strlen($was) - $back)) {
            $back--;
        }
        // A paragraph that is put in goes on from the one before it, and one that is taken out leaves the next as it is, where that makes no
        // difference to the words.
        $longer = strlen($is) > strlen($was) ? $is : $was;
        if ($from + $back === $most && $from > 0 && $longer[$from - 1] === "\n" && ($longer[strlen($longer) - $back - 1] ?? '') === "\n") {
            [$from, $back] = [$from - 1, $back + 1];
        }
        $out = substr($was, $from, strlen($was) - $from - $back);
        $in = substr($is, $from, strlen($is) - $from - $back);
        $before = substr($was, 0, $from);

        return new self(mb_strlen($before), mb_strlen($out), mb_strlen($in), substr_count($before, "\n"), substr_count($out, "\n"), substr_count($in, "\n"));
    }

    /** Where a run begins now that began there: what was put in just before it is not of it, unless nothing stands before that. */
    public function start(int $at): int
    {
        return match (true) {
            $at < $this->from, $at === $this->from && ($this->was > 0 || $at === 0) => $at,
            $at >= $this->from + $this->was => $at + $this->is - $this->was,
            default => $this->from + $this->is,
        };
    }

    /** Where a run ends now that ended there: what was put in just behind it is of it. */
    public function end(int $at): int
    {
        return match (true) {
            $at < $this->from, $at === $this->from && $this->was > 0 => $at,
            $at >= $this->from + $this->was => $at + $this->is - $this->was,
            default => $this->from + $this->is,
        };
    }

    /** Whether a byte is not the first one of its character. */
    private static function isInside(string $text, int $at): bool
    {
        return $at < strlen($text) && (ord($text[$at]) & 0xC0) === 0x80;
    }
}
