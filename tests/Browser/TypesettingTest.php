<?php

declare(strict_types=1);

namespace Tests\Browser;

use AllSquare\Core\Text\Setting\LetterStyle;
use AllSquare\Core\Text\Setting\Setter;
use AllSquare\Core\Text\Setting\StyledText;
use AllSquare\Core\Text\Setting\TextLine;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\FontFiles;
use Tests\Core\Support\Fonts;

/** Type against the browser's own layout, with the same files: widths, and where lines break. */
final class TypesettingTest extends BrowserTestCase
{
    protected const DEMO = false;

    private const FONTS = ['overpass-400', 'overpass-700-italic', 'source-serif-4-400', 'bitter-700', 'barlow-condensed-600', 'work-sans-400-italic', 'abril-fatface-400', 'caveat-700', 'overpass-mono-400'];

    private const WORDS = [
        'the', 'harbour', 'of', 'Merrow', 'Sound', 'AVA', 'Tower', 'Wharf', 'ferry', 'leaves', 'at', '07.15,', '12:40', '“Quay”', 'half-tide', 'pier–quay', 'slip—way', 'now…', 'what?', 'go!', '(see', 'below)', 'Łódź', 'Çeşme', 'naïve', "L'Île", 'wake’s',
        "har\u{AD}bour\u{AD}mas\u{AD}ter", "un\u{AD}even", '10 %', '£4.50', 'and/or', 'A', 'I', '1,250', 'e.g.', 'fjord', 'To', 'Ye', 'P.', "10\u{A0}kn", 'T-shirt', 'x', 'why?—because', 'well...', 'end.',
    ];

    private string $seed = '';

    private Randomizer $chance;

    protected function setUp(): void
    {
        parent::setUp();
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $this->seed = "seed $seed";
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    public function test_lines_are_as_wide_as_the_browser_sets_them(): void
    {
        $tried = 0;
        foreach (self::FONTS as $key) {
            $style = self::style($key, 16.0);
            $lines = array_map(fn (): string => $this->words($this->chance->getInt(1, 12)), range(1, 120));
            $this->load($key);
            $widths = $this->browser->run(<<<'JS'
                const [lines, key] = arguments;
                const box = document.createElement('div');
                box.style.cssText = `position:absolute;visibility:hidden;font:16px '${key}';font-kerning:normal;font-variant-ligatures:none;text-rendering:geometricPrecision;white-space:pre`;
                document.body.append(box);
                const widths = lines.map((line) => { const span = document.createElement('span'); span.textContent = line; box.replaceChildren(span); return span.getBoundingClientRect().width; });
                box.remove();
                return widths;
                JS, $lines, $key);
            foreach ($lines as $i => $line) {
                self::assertEqualsWithDelta($widths[$i], Setter::set(StyledText::plain($line, $style), INF, false)->width, 0.05, "$this->seed: $key: $line");
                $tried++;
            }
        }
        self::assertSame(120 * count(self::FONTS), $tried);
    }

    public function test_lines_break_where_the_browser_breaks_them(): void
    {
        $tried = $broken = 0;
        foreach (self::FONTS as $key) {
            $style = self::style($key, 17.0);
            $paragraphs = array_map(fn (): array => [$this->words($this->chance->getInt(5, 60)), $this->chance->getInt(90, 420) + 0.5], range(1, 30));
            $this->load($key);
            $lines = $this->browser->run(<<<'JS'
                const [paragraphs, key] = arguments;
                return paragraphs.map(([text, width]) => {
                    const box = document.createElement('div');
                    box.lang = 'en';
                    box.style.cssText = `position:absolute;visibility:hidden;width:${width}px;font:17px '${key}';font-kerning:normal;font-variant-ligatures:none;text-rendering:geometricPrecision;white-space:normal;overflow-wrap:break-word;hyphens:manual;line-height:20px`;
                    box.textContent = text;
                    document.body.append(box);
                    const node = box.firstChild, range = document.createRange(), starts = [0];
                    let top = null;
                    for (let i = 0; i < text.length; i++) {
                        if (/\s/.test(text[i]) || text[i] === '\u00AD') continue;
                        range.setStart(node, i); range.setEnd(node, i + 1);
                        const rects = range.getClientRects(), rect = rects[rects.length - 1];
                        if (!rect) continue;
                        const line = Math.round(rect.top / 20);
                        if (top !== null && line !== top) starts.push(i);
                        top = line;
                    }
                    box.remove();
                    return starts;
                });
                JS, $paragraphs, $key);
            foreach ($paragraphs as $i => [$text, $width]) {
                $cut = static fn (float $room): array => array_map(static fn (TextLine $line): int => $line->from, Setter::set(StyledText::plain($text, $style), $room, true)->lines);
                $starts = $cut($width);
                // The browser reckons in 64ths of a pixel: what fits by less than that may break either way.
                if ($cut($width - 0.03) !== $starts || $cut($width + 0.03) !== $starts) {
                    continue;
                }
                self::assertSame(self::cut($text, $lines[$i]), self::cut($text, $starts), "$this->seed: $key at $width: $text");
                $tried++;
                $broken += count($starts) - 1;
            }
        }
        self::assertGreaterThan(28 * count(self::FONTS), $tried);
        self::assertGreaterThan(500, $broken);
    }

    /**
     * @param  list<int>  $starts
     * @return list<string> the lines
     */
    private static function cut(string $text, array $starts): array
    {
        return array_map(static fn (int $from, int $to): string => mb_substr($text, $from, $to - $from), $starts, [...array_slice($starts, 1), mb_strlen($text)]);
    }

    private static function style(string $key, float $size): LetterStyle
    {
        $entry = Fonts::library()->entry($key);

        return new LetterStyle(Fonts::library()->font($entry['family'], $entry['weight'], $entry['italic']), $size);
    }

    /** The font's file in the browser, under its key: not over the network, which the page does not let in. */
    private function load(string $key): void
    {
        $loaded = $this->browser->driver->executeAsyncScript(<<<'JS'
            const [key, data, done] = arguments;
            const bytes = Uint8Array.from(atob(data), (c) => c.charCodeAt(0));
            new FontFace(key, bytes).load().then((face) => { document.fonts.add(face); done(true); }, (error) => done(String(error)));
            JS, [$key, base64_encode(FontFiles::woff($key))]);
        self::assertTrue($loaded, (string) json_encode($loaded));
    }

    private function words(int $count): string
    {
        return implode(' ', array_map(fn (): string => self::WORDS[$this->chance->getInt(0, count(self::WORDS) - 1)], range(1, $count)));
    }
}
