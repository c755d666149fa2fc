<?php

declare(strict_types=1);

namespace AllSquare\Core\Text\Reading;

/** One font file: its measures and what it is called. Reading takes hundredths of a second, so that it is done once, by the compiler. */
final readonly class FontFile
{
    /** @var array<int, int> glyph by code point */
    public array $characters;

    public Glyphs $glyphs;

    /** @throws UnreadableFont */
    public function __construct(public Sfnt $tables)
    {
        $this->characters = CharacterMap::read($tables->needed('cmap'));
        $this->glyphs = new Glyphs($tables->needed('glyf'), $tables->needed('loca'), $tables->needed('head'), $tables->needed('maxp'));
        if ($this->unitsPerEm() < 16 || $this->unitsPerEm() > 16_384) {
            throw new UnreadableFont("It has {$this->unitsPerEm()} units to the em; a font has 16 to 16,384.");
        }
    }

    public function unitsPerEm(): int
    {
        return $this->tables->needed('head')->u16(18);
    }

    /** Above the baseline, positive (hhea). */
    public function ascent(): int
    {
        return $this->tables->needed('hhea')->i16(4);
    }

    /** Below the baseline, positive (hhea). */
    public function descent(): int
    {
        return -$this->tables->needed('hhea')->i16(6);
    }

    public function advance(int $glyph): int
    {
        $count = $this->tables->needed('hhea')->u16(34);
        if ($count === 0) {
            throw new UnreadableFont('It does not say how wide its letters are.');
        }

        return $this->tables->needed('hmtx')->u16(4 * min($glyph, $count - 1));
    }

    /** @return array{int, int}|null height of capitals and of small letters (OS/2, version 2 and later) */
    public function heights(): ?array
    {
        $os2 = $this->tables->table('OS/2');
        if ($os2 === null || $os2->u16(0) < 2) {
            return null;
        }
        [$small, $capital] = [$os2->i16(86), $os2->i16(88)];

        return $small > 0 && $capital > 0 ? [$capital, $small] : null;
    }

    /** @return array{int, int} where the middle of the line under a word lies, below the baseline, and its weight (post) */
    public function underline(): array
    {
        $post = $this->tables->table('post');
        $em = $this->unitsPerEm();
        [$top, $weight] = $post === null ? [0, 0] : [-$post->i16(8), $post->i16(10)];

        return $weight > 0 ? [$top + intdiv($weight, 2), $weight] : [intdiv($em, 10), intdiv($em, 20)];
    }

    /** @return int 100 to 900 (OS/2) */
    public function weight(): int
    {
        $os2 = $this->tables->table('OS/2');
        $weight = $os2 === null ? 400 : $os2->u16(4);

        return min(900, max(100, (int) (round(($weight < 10 ? $weight * 100 : $weight) / 100) * 100)));
    }

    public function isItalic(): bool
    {
        return ($this->tables->needed('head')->u16(44) & 2) === 2;
    }

    /**
     * @return string what its family is called (name, identifiers 16 and 1)
     *
     * @throws UnreadableFont when it has no name
     */
    public function family(): string
    {
        $names = $this->names();
        $family = trim((string) preg_replace('/[\x00-\x1F\x7F]+/u', ' ', $names[16] ?? $names[1] ?? ''));
        if ($family === '') {
            throw new UnreadableFont('It has no name, so that it could not be told from others.');
        }

        return mb_substr($family, 0, 60);
    }

    /** @return array<int, int> the glyph of each character in figures of one width, by code point, where it has them */
    public function evenFigures(): array
    {
        $figures = array_intersect_key($this->characters, array_flip(range(0x30, 0x39)));
        $even = Substitutions::single($this->tables, 'tnum', array_flip($figures));

        return array_intersect_key(array_map(static fn (int $glyph): int => $even[$glyph] ?? 0, $figures), array_filter($figures, static fn (int $glyph): bool => isset($even[$glyph])));
    }

    /** @return array<int, true> glyphs that stand upon others and have no width of their own (GDEF, class 3) */
    public function marks(): array
    {
        $gdef = $this->tables->table('GDEF');
        if ($gdef === null || $gdef->u16(4) === 0) {
            return [];
        }

        $classes = LayoutTable::classes($gdef->from($gdef->u16(4)), array_fill(0, $this->glyphs->count, 0));

        return array_map(static fn (): bool => true, array_filter($classes, static fn (int $class): bool => $class === 3));
    }

    /** @return array<int, list<int>> glyphs that are always set as several, none of which stands upon another, by glyph */
    public function composed(): array
    {
        $marks = $this->marks();

        return array_filter(Substitutions::several($this->tables, 'ccmp', array_flip($this->characters)), static fn (array $parts): bool => array_intersect_key(array_flip($parts), $marks) === []);
    }

    /** @return array<int, string> by their identifiers, the English ones of Windows before others */
    private function names(): array
    {
        $table = $this->tables->table('name');
        $names = [];
        for ($i = 0, $n = $table?->u16(2) ?? 0; $table !== null && $i < $n; $i++) {
            $at = 6 + 12 * $i;
            [$platform, $encoding, $language, $name] = [$table->u16($at), $table->u16($at + 2), $table->u16($at + 4), $table->u16($at + 6)];
            $bytes = $table->slice($table->u16(4) + $table->u16($at + 10), $table->u16($at + 8));
            $isBest = $platform === 3 && $encoding === 1 && $language === 0x409;
            $text = $platform === 1 ? mb_convert_encoding($bytes, 'UTF-8', 'ISO-8859-1') : mb_convert_encoding($bytes, 'UTF-8', 'UTF-16BE');
            if (is_string($text) && ($isBest || ! isset($names[$name]))) {
                $names[$name] = $text;
            }
        }

        return $names;
    }
}
