<?php

declare(strict_types=1);

namespace App\Storage;

use AllSquare\Core\Refusal;
use AllSquare\Core\Text\Font;
use AllSquare\Core\Text\FontSource;
use AllSquare\Core\Text\Reading\FontCompiler;
use AllSquare\Core\Text\Reading\FontFile;
use AllSquare\Core\Text\Reading\Sfnt;
use AllSquare\Core\Text\Reading\UnreadableFont;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RuntimeException;
use stdClass;

/**
 * Fonts that were brought along, for whichever document has them. A file is kept once, by what is in it; two that call themselves the
 * same and are not get different words for their families.
 *
 * @phpstan-import-type FontData from Font
 * @phpstan-import-type FontEntry from FontSource
 */
final readonly class OwnFonts implements FontSource
{
    /** @param  FontSource  $shipped  whose words for families are taken */
    public function __construct(private FontSource $shipped)
    {
    }

    public function index(): array
    {
        // Not kept: what works for hours has to find what was brought along meanwhile.
        $index = [];
        foreach (DB::table('font_files')->orderBy('key')->get(['key', 'family', 'name', 'weight', 'italic', 'hash']) as $row) {
            $index[$row->key] = self::entry($row);
        }

        return $index;
    }

    public function font(string $key): array
    {
        $row = $this->row($key, ['key', 'family', 'weight', 'italic', 'file', 'compiler', 'metrics']);
        if ((int) $row->compiler !== FontCompiler::VERSION) {
            $this->compile($row);
            $row = $this->row($key, ['metrics']);
        }
        /** @var FontData $data */
        $data = self::unpacked($row->metrics);

        return $data;
    }

    public function outlines(string $key): array
    {
        /** @var array<int, string> $outlines */
        $outlines = self::unpacked($this->row($key, ['outlines'])->outlines);

        return $outlines;
    }

    public function file(string $key): string
    {
        return $this->row($key, ['file'])->file;
    }

    /** @return string the hash of a font's file, by which it is known wherever it is */
    public function hash(string $key): string
    {
        return $this->row($key, ['hash'])->hash;
    }

    /**
     * Keeps a font file.
     *
     * @return string the key of the font, the same for the same file
     *
     * @throws Refusal when it cannot be used
     */
    public function keep(string $file): string
    {
        $hash = hash('sha256', $file);
        $kept = DB::table('font_files')->where('hash', $hash)->value('key');
        if (is_string($kept)) {
            return $kept;
        }
        try {
            $font = new FontFile(Sfnt::read($file));
            $name = $font->family();
            [$weight, $italic] = [$font->weight(), $font->isItalic()];
            $family = $this->free(Str::limit(Str::slug($name), 40, '') ?: 'font', $weight, $italic);
            $key = self::key($family, $weight, $italic);
            [$metrics, $outlines] = FontCompiler::font($font, $family, $weight, $italic);
        } catch (UnreadableFont $unreadable) {
            throw Refusal::because('This font cannot be used. '.$unreadable->getMessage(), 'file');
        }
        DB::table('font_files')->insert([
            'key' => $key, 'family' => $family, 'name' => $name, 'weight' => $weight, 'italic' => (int) $italic, 'hash' => $hash, 'file' => $file,
            'compiler' => FontCompiler::VERSION, 'metrics' => self::packed($metrics), 'outlines' => self::packed($outlines),
        ]);

        return $key;
    }

    /** A word for a family that no other font of that weight and slant has. */
    private function free(string $word, int $weight, bool $italic): string
    {
        $shipped = array_column($this->shipped->index(), 'family');
        for ($i = 1; ; $i++) {
            $family = $i === 1 ? $word : "$word-$i";
            if (! in_array($family, $shipped, true) && ! isset($this->index()[self::key($family, $weight, $italic)])) {
                return $family;
            }
        }
    }

    private static function key(string $family, int $weight, bool $italic): string
    {
        return "$family-$weight".($italic ? '-italic' : '');
    }

    /** What an earlier version compiled is made anew from the file. */
    private function compile(stdClass $row): void
    {
        [$metrics, $outlines] = FontCompiler::font(new FontFile(Sfnt::read($row->file)), $row->family, (int) $row->weight, (bool) $row->italic);
        DB::table('font_files')->where('key', $row->key)->update(['compiler' => FontCompiler::VERSION, 'metrics' => self::packed($metrics), 'outlines' => self::packed($outlines)]);
    }

    /** @param  list<string>  $columns */
    private function row(string $key, array $columns): stdClass
    {
        return DB::table('font_files')->where('key', $key)->first($columns) ?? throw new RuntimeException("The font $key is not kept any more.");
    }

    /** @return FontEntry */
    private static function entry(stdClass $row): array
    {
        return ['family' => $row->family, 'name' => $row->name, 'weight' => (int) $row->weight, 'italic' => (bool) $row->italic, 'hash' => substr($row->hash, 0, 12)];
    }

    /** @param  array<array-key, mixed>  $data */
    private static function packed(array $data): string
    {
        return (string) gzcompress(serialize($data), 1);
    }

    /** @return array<array-key, mixed> */
    private static function unpacked(string $packed): array
    {
        $data = unserialize((string) gzuncompress($packed), ['allowed_classes' => false]);

        return is_array($data) ? $data : throw new RuntimeException('A font that is kept cannot be read.');
    }
}
