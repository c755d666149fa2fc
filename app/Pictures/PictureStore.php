<?php

declare(strict_types=1);

namespace App\Pictures;

use AllSquare\Core\Paint\PictureSource;
use AllSquare\Core\Refusal;
use App\Tools\FileWriting;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The pictures that are kept, for whichever documents show them: each once, by what is in it, with smaller ones made of it once. The
 * files are in the data folder, what is known of them in a table.
 */
final readonly class PictureStore implements PictureSource
{
    /** px of the longer side of the smaller ones, for lists and for screens */
    public const SIZES = [256, 1024, 2048];

    public function __construct(private PictureFiles $files, private string $folder)
    {
    }

    /**
     * Keeps a picture.
     *
     * @param  string  $bytes  of a PNG, JPEG, WebP or SVG
     * @param  string  $name  of the file that it came from
     * @param  string|null  $credit  who made it, where that is known
     * @return array{picture: string, notes: list<string>} its key, which says its size, and what was changed about it
     *
     * @throws Refusal when it cannot be used
     */
    public function keep(string $bytes, string $name = '', ?string $credit = null): array
    {
        $known = $this->known($bytes);
        if ($known !== null) {
            DB::table('pictures')->where('picture', $known)->update(['kept_at' => now(), ...($credit === null ? [] : ['credit' => $credit])]);

            return ['picture' => $known, 'notes' => []];
        }
        $taken = $this->files->taken($bytes);
        $picture = "{$taken->width}x{$taken->height}-".self::hash($taken->bytes);
        if (DB::table('pictures')->where('picture', $picture)->exists() && is_file($this->path($picture, $taken->type))) {
            DB::table('pictures')->where('picture', $picture)->update(['kept_at' => now(), ...($credit === null ? [] : ['credit' => $credit])]);

            return ['picture' => $picture, 'notes' => $taken->notes];
        }
        $path = $this->path($picture, $taken->type);
        is_dir(dirname($path)) || @mkdir(dirname($path), 0o775, true);
        $new = $path.'.'.bin2hex(random_bytes(4));
        try {
            FileWriting::put($new, $taken->bytes);
            $this->files->reduce($new, $taken, array_combine($this->smaller($taken->width, $taken->height), array_map(fn (int $size): string => $this->path($picture, $taken->type, $size), $this->smaller($taken->width, $taken->height))));
            FileWriting::move($new, $path);
        } finally {
            is_file($new) && unlink($new);
        }
        DB::table('pictures')->upsert(['picture' => $picture, 'name' => self::name($name), 'type' => $taken->type, 'bytes' => strlen($taken->bytes), 'credit' => $credit, 'kept_at' => now()], ['picture'], ['kept_at']);

        return ['picture' => $picture, 'notes' => $taken->notes];
    }

    /** The key of a picture that is kept just as it comes, as when a document is opened again. */
    private function known(string $bytes): ?string
    {
        $size = @getimagesizefromstring($bytes);
        $picture = $size === false ? '' : "$size[0]x$size[1]-".self::hash($bytes);

        return $size !== false && $this->file($picture) !== null ? $picture : null;
    }

    private static function hash(string $bytes): string
    {
        return substr(hash('sha256', $bytes), 0, 40);
    }

    /** @return string the path of its file, or of the smallest made of it that has at least so many px on its longer side; null where it is not kept */
    public function file(string $picture, float $pixels = INF): ?string
    {
        $type = DB::table('pictures')->where('picture', $picture)->value('type');
        if (! is_string($type)) {
            return null;
        }
        [$width, $height] = self::sides($picture);
        foreach ($this->smaller($width, $height) as $size) {
            $path = $this->path($picture, $type, $size);
            if ($size >= $pixels && is_file($path)) {
                return $path;
            }
        }
        $path = $this->path($picture, $type);

        return is_file($path) ? $path : null;
    }

    /** @return array{name: string, credit: string|null}|null what it was called, and who made it; null where it is not kept */
    public function about(string $picture): ?array
    {
        $row = DB::table('pictures')->where('picture', $picture)->first(['name', 'credit']);

        return $row === null ? null : ['name' => $row->name, 'credit' => $row->credit];
    }

    public function uri(string $key, float $pixels): ?string
    {
        $path = $this->file($key, $pixels);

        return $path === null ? null : 'data:'.self::mime($path).';base64,'.base64_encode((string) file_get_contents($path));
    }

    public static function mime(string $path): string
    {
        return str_ends_with($path, '.png') ? 'image/png' : 'image/jpeg';
    }

    public function bytes(string $picture): string
    {
        $path = $this->file($picture);

        return $path === null ? throw MissingPicture::of($picture) : (string) file_get_contents($path);
    }

    /**
     * @param  list<string>  $pictures
     * @return list<string> those that are not kept
     */
    public function unknown(array $pictures): array
    {
        $pictures = array_values(array_unique($pictures));

        return $pictures === [] ? [] : array_values(array_diff($pictures, DB::table('pictures')->whereIn('picture', $pictures)->pluck('picture')->all()));
    }

    /** @return list<stdClass> picture, name, type, bytes, kept_at of all */
    public function all(): array
    {
        return array_values(DB::table('pictures')->orderBy('picture')->get()->all());
    }

    public function forget(string $picture): void
    {
        DB::table('pictures')->where('picture', $picture)->delete();
        foreach (glob("{$this->place($picture)}*") ?: [] as $path) {
            unlink($path);
        }
    }

    /** @return array{int, int} px */
    public static function sides(string $picture): array
    {
        $sides = explode('x', (string) strtok($picture, '-'));

        return [(int) $sides[0], (int) ($sides[1] ?? 0)];
    }

    /** @return list<int> the sizes that are smaller than it */
    private function smaller(int $width, int $height): array
    {
        return array_values(array_filter(self::SIZES, static fn (int $size): bool => $size < max($width, $height)));
    }

    private function path(string $picture, string $type, ?int $size = null): string
    {
        return $this->place($picture).($size === null ? '' : "-$size").".$type";
    }

    private function place(string $picture): string
    {
        return "$this->folder/".substr((string) strrchr($picture, '-'), 1, 2)."/$picture";
    }

    /** What a file is called, without its folder and its ending. */
    private static function name(string $name): string
    {
        $name = (string) preg_replace('/[\x00-\x1f\x7f]/u', '', mb_scrub($name));
        $parts = preg_split('~[/\\\\]~', $name) ?: [''];
        $last = trim((string) preg_replace('/\.(png|jpe?g|webp|svg)$/i', '', end($parts)));

        return mb_substr($last === '' ? 'Picture' : $last, 0, 120);
    }
}
