<?php

declare(strict_types=1);

namespace AllSquare\Core\Table;

/** How the bytes of a list are read as characters. */
enum Encoding: string
{
    case Utf8 = 'UTF-8';
    case Utf8WithMark = 'UTF-8 with a mark';
    case Utf16Le = 'UTF-16 (little end first)';
    case Utf16Be = 'UTF-16 (big end first)';
    case Windows1252 = 'windows-1252';

    /** By the mark before them, or else by what they can be. */
    public static function of(string $bytes): self
    {
        return match (true) {
            str_starts_with($bytes, "\u{FEFF}") => self::Utf8WithMark,
            str_starts_with($bytes, "\xFF\xFE") => self::Utf16Le,
            str_starts_with($bytes, "\xFE\xFF") => self::Utf16Be,
            default => self::unmarked($bytes),
        };
    }

    /** @return string as UTF-8, without a mark; what cannot be read is a replacement character */
    public function decoded(string $bytes): string
    {
        $text = match ($this) {
            self::Utf8, self::Utf8WithMark => mb_scrub($bytes, 'UTF-8'),
            self::Utf16Le => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16LE'),
            self::Utf16Be => mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE'),
            self::Windows1252 => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };

        return str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
    }

    /** @param  string  $text  UTF-8 */
    public function encoded(string $text): string
    {
        return match ($this) {
            self::Utf8 => $text,
            self::Utf8WithMark => "\u{FEFF}$text",
            self::Utf16Le => "\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8'),
            self::Utf16Be => "\xFE\xFF".mb_convert_encoding($text, 'UTF-16BE', 'UTF-8'),
            self::Windows1252 => mb_convert_encoding($text, 'Windows-1252', 'UTF-8'),
        };
    }

    /** Whether it has a sign for every character. */
    public function canSay(string $text): bool
    {
        return $this !== self::Windows1252 || mb_convert_encoding($this->encoded($text), 'UTF-8', 'Windows-1252') === $text;
    }

    /** Of UTF-16, every other byte of what is mostly Latin is 0. */
    private static function unmarked(string $bytes): self
    {
        $start = substr($bytes, 0, 4_000);
        $pairs = intdiv(strlen($start), 2);
        if ($pairs > 0 && strlen($bytes) % 2 === 0 && str_contains($start, "\0")) {
            $zeros = [0, 0];
            for ($i = 0; $i < 2 * $pairs; $i++) {
                $zeros[$i % 2] += $start[$i] === "\0" ? 1 : 0;
            }
            if (max($zeros) > 0.4 * $pairs && min($zeros) < 0.1 * $pairs) {
                return $zeros[1] > $zeros[0] ? self::Utf16Le : self::Utf16Be;
            }
        }

        return mb_check_encoding($bytes, 'UTF-8') ? self::Utf8 : self::Windows1252;
    }
}
