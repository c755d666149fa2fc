<?php

declare(strict_types=1);

namespace AllSquare\Core\Text;

/**
 * Where fonts come from.
 *
 * @phpstan-import-type FontData from Font
 *
 * @phpstan-type FontEntry array{family: string, name: string, weight: int, italic: bool, hash: string}
 */
interface FontSource
{
    /** @return array<string, FontEntry> what there is, by key; `hash` is what the outlines are known by, so that they are fetched once */
    public function index(): array;

    /** @return FontData */
    public function font(string $key): array;

    /** @return array<int, string> path data by code point; blanks have none */
    public function outlines(string $key): array;

    /** The font's file: WOFF, or TrueType. */
    public function file(string $key): string;
}
