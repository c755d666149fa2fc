<?php

declare(strict_types=1);

namespace App\Export;

use AllSquare\Core\Geometry\Length;

/** A page that shows every asset at its size on the sheet, the browser choosing by `srcset` (HTML Living Standard, 4.8.4). */
final readonly class AssetPage
{
    private const STYLE = 'body{margin:32px;font:14px/1.5 system-ui,sans-serif;color:#20302d;background:#fbf9f3}h1{font-size:20px}'
        .'main{display:grid;grid-template-columns:repeat(auto-fill,minmax(240px,1fr));gap:24px;align-items:end}figure{margin:0}'
        .'img{max-width:100%;height:auto;background:repeating-conic-gradient(#e6e2d6 0 25%,#fffefb 0 50%) 0 0/16px 16px}'
        .'figcaption{margin-top:6px;overflow-wrap:anywhere}code{display:block;font-size:12px;color:#55635e}';

    /** @param  list<MadeFile>  $files  in the order of the archive */
    public function __construct(private string $title, private array $files)
    {
    }

    public function html(): string
    {
        return HtmlPage::of($this->title, self::STYLE, "<main>\n".implode("\n", array_map($this->figure(...), $this->assets()))."\n</main>");
    }

    /** @return list<non-empty-list<MadeFile>> the files of each slice in one format, those that a page can show */
    private function assets(): array
    {
        $assets = [];
        foreach ($this->files as $file) {
            if ($file->asset !== null && $file->asset->format->value !== 'pdf') {
                $assets["{$file->asset->slice->id} {$file->asset->format->value}"][] = $file;
            }
        }

        return array_values($assets);
    }

    /** @param  non-empty-list<MadeFile>  $files */
    private function figure(array $files): string
    {
        $asset = $files[0]->asset;
        if ($asset === null) {
            return '';
        }
        $smallest = array_reduce($files, static fn (MadeFile $least, MadeFile $file): MadeFile => ($file->asset?->factor() ?? 0) < ($least->asset?->factor() ?? 0) ? $file : $least, $files[0]);
        $sources = implode(', ', array_map(static fn (MadeFile $file): string => self::url($file->name).' '.Length::text($file->asset?->factor() ?? 1.0).'x', $files));
        $set = count($files) > 1 ? sprintf(' srcset="%s"', HtmlPage::text($sources)) : '';
        [$w, $h] = array_map(Length::text(...), [$asset->area->w, $asset->area->h]);

        return sprintf(
            '<figure><img src="%s"%s width="%s" height="%s" alt="%s" loading="lazy"><figcaption>%s<code>%s × %s, %s</code></figcaption></figure>',
            HtmlPage::text(self::url($smallest->name)), $set, $w, $h, HtmlPage::text($asset->slice->name), HtmlPage::text($asset->slice->name), $w, $h, $asset->format->value,
        );
    }

    /** A name as a path of a page beside it, each part encoded (RFC 3986). */
    private static function url(string $name): string
    {
        return implode('/', array_map(rawurlencode(...), explode('/', $name)));
    }
}
