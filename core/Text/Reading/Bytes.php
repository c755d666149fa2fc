<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** The bytes of a font file or of one of its tables, big end first. What reaches past their end is said, not read. */
final readonly class Bytes
{
    private int $length;

    /**
     * @param  Reads  $reads  shared by all that belongs to one file
     * @param  int  $start  where in the data they begin: what is read from an offset on is not copied
     */
    public function __construct(public string $data, private Reads $reads, private int $start = 0)
    {
        $this->length = strlen($data) - $start;
    }

    /** Other bytes of the same file, such as a table that has been unpacked. */
    public function others(string $data): self
    {
        return new self($data, $this->reads);
    }

    public function u8(int $at): int
    {
        $this->check($at, 1);

        return ord($this->data[$this->start + $at]);
    }

    public function u16(int $at): int
    {
        $this->check($at, 2);

        $at += $this->start;

        return ord($this->data[$at]) << 8 | ord($this->data[$at + 1]);
    }

    public function i8(int $at): int
    {
        $value = $this->u8($at);

        return $value >= 0x80 ? $value - 0x100 : $value;
    }

    public function i16(int $at): int
    {
        $value = $this->u16($at);

        return $value >= 0x8000 ? $value - 0x10000 : $value;
    }

    public function u32(int $at): int
    {
        return $this->u16($at) << 16 | $this->u16($at + 2);
    }

    public function slice(int $at, int $length): string
    {
        $this->check($at, $length);

        return substr($this->data, $this->start + $at, $length);
    }

    /** From there to the end, for offsets that are counted from there. */
    public function from(int $at): self
    {
        $this->check($at, 0);

        return new self($this->data, $this->reads, $this->start + $at);
    }

    /**
     * The numbers from one to another, which one value of the file stands for.
     *
     * @return iterable<int>
     */
    public function through(int $from, int $to): iterable
    {
        for ($at = $from; $at <= $to; $at++) {
            $this->reads->spend(1);
            yield $at;
        }
    }

    private function check(int $at, int $length): void
    {
        $this->reads->spend(1);
        if ($at < 0 || $length < 0 || $at + $length > $this->length) {
            throw new UnreadableFont('It ends in the middle: the file is damaged, or only a part of it.');
        }
    }
}
