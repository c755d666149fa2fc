<?php

declare(strict_types=1);

namespace AllSquare\Core\Sheet;

use AllSquare\Core\Refusal;

/** What a slice is painted on: nothing, the sheet's own background, or a colour. */
final readonly class Background
{
    private function __construct(public string $word)
    {
    }

    /** @throws Refusal when it is neither "transparent" nor "sheet" nor #rrggbb */
    public static function read(string $word): self
    {
        $word = strtolower($word);
        if (preg_match('/^(transparent|sheet|#[0-9a-f]{6})$/', $word) !== 1) {
            throw Refusal::because('A background is transparent, sheet, or a colour such as #1a2b3c.', 'background');
        }

        return new self($word);
    }

    /**
     * @param  string|null  $sheet  the sheet's background
     * @return string|null #rrggbb; null where it is clear
     */
    public function colour(?string $sheet): ?string
    {
        return match ($this->word) {
            'transparent' => null,
            'sheet' => $sheet,
            default => $this->word,
        };
    }
}
