<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/**
 * The tables of a font file: TrueType, OpenType with TrueType outlines (ISO/IEC 14496-22, section 4), or either of them as
 * WOFF (WOFF File Format 1.0, W3C).
 */
final readonly class Sfnt
{
    /** All tables together, unpacked: a small file may claim to be a large one. */
    public const MOST_BYTES = 16 * 1024 * 1024;

    private const MOST_TABLES = 64;

    /** Without these nothing can be set. */
    private const NEEDED = ['cmap', 'glyf', 'head', 'hhea', 'hmtx', 'loca', 'maxp'];

    /** @param  array<string, Bytes>  $tables  by tag */
    private function __construct(public array $tables)
    {
    }

    /** @throws UnreadableFont */
    public static function read(string $file): self
    {
        $bytes = new Bytes($file, new Reads);
        $tables = match (substr($file, 0, 4)) {
            "\0\1\0\0", 'true' => self::plain($bytes),
            'wOFF' => self::woff($bytes),
            'OTTO' => throw new UnreadableFont('Its outlines are PostScript (CFF); fonts with TrueType outlines are read.'),
            'wOF2' => throw new UnreadableFont('It is WOFF 2; give it as TTF, OTF or WOFF.'),
            'ttcf' => throw new UnreadableFont('It is a collection of several fonts; give each as a file of its own.'),
            default => throw new UnreadableFont('It is no TTF, OTF or WOFF file.'),
        };
        $missing = array_diff(self::NEEDED, array_keys($tables));
        if ($missing !== []) {
            throw new UnreadableFont(isset($tables['CFF ']) ? 'Its outlines are PostScript (CFF); fonts with TrueType outlines are read.' : 'It lacks the '.(count($missing) === 1 ? 'table ' : 'tables ').implode(', ', $missing).'.');
        }

        return new self($tables);
    }

    public function table(string $tag): ?Bytes
    {
        return $this->tables[$tag] ?? null;
    }

    /** One of those without which a font is not read. */
    public function needed(string $tag): Bytes
    {
        return $this->tables[$tag] ?? throw new UnreadableFont("It lacks the table $tag.");
    }

    /** @return array<string, Bytes> */
    private static function plain(Bytes $file): array
    {
        $tables = [];
        foreach (self::directory($file, 12, 16) as $at) {
            $tables[$file->slice($at, 4)] = $file->others($file->slice($file->u32($at + 8), $file->u32($at + 12)));
        }

        return $tables;
    }

    /** @return array<string, Bytes> */
    private static function woff(Bytes $file): array
    {
        if ($file->slice(4, 4) === 'OTTO') {
            throw new UnreadableFont('Its outlines are PostScript (CFF); fonts with TrueType outlines are read.');
        }
        $tables = [];
        $whole = 0;
        foreach (self::directory($file, 44, 20) as $at) {
            [$packed, $length] = [$file->u32($at + 8), $file->u32($at + 12)];
            $whole += $length;
            if ($whole > self::MOST_BYTES) {
                throw new UnreadableFont('Unpacked, it would be larger than 16 MB.');
            }
            $data = $file->slice($file->u32($at + 4), $packed);
            $plain = $packed < $length ? self::inflated($data, $length) : $data;
            if (strlen($plain) !== $length) {
                throw new UnreadableFont('One of its tables cannot be unpacked.');
            }
            $tables[$file->slice($at, 4)] = $file->others($plain);
        }

        return $tables;
    }

    private static function inflated(string $data, int $length): string
    {
        set_error_handler(static fn (): bool => true);
        try {
            return (string) gzuncompress($data, $length);
        } finally {
            restore_error_handler();
        }
    }

    /** @return list<int> where each table is told of */
    private static function directory(Bytes $file, int $from, int $step): array
    {
        $count = $file->u16($from === 12 ? 4 : 12);
        if ($count === 0 || $count > self::MOST_TABLES) {
            throw new UnreadableFont("It has $count tables; a font has 1 to ".self::MOST_TABLES.'.');
        }

        return range($from, $from + ($count - 1) * $step, $step);
    }
}
