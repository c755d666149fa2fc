<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** The bytes of a font file or of one of its tables, big end first. What reaches past their end is said, not read. */
final readonly class Bytes
{
    public int $length;

    public function __construct(public string $data)
    {
        $this->length = strlen($data);
    }

    public function u8(int $at): int
    {
        $this->check($at, 1);

        return ord($this->data[$at]);
    }

    public function u16(int $at): int
    {
        $this->check($at, 2);

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

        return substr($this->data, $at, $length);
    }

    /** From there to the end, for offsets that are counted from there. */
    public function from(int $at): self
    {
        $this->check($at, 0);

        return new self(substr($this->data, $at));
    }

    private function check(int $at, int $length): void
    {
        if ($at < 0 || $length < 0 || $at + $length > $this->length) {
            throw new UnreadableFont('It ends in the middle: the file is damaged, or only a part of it.');
        }
    }
}
