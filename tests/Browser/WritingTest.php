<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Support\Fonts;
use Tests\Support\Waiting;

/** Words written where they stand, and set by the drawer. */
final class WritingTest extends BrowserTestCase
{
    protected const DEMO = false;

    /** px that caret, page and picture may differ */
    private const SAME = 0.5;

    /** Selects a text in Contents and begins to write it. */
    private function write(string $name): void
    {
        $this->browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.includes(arguments[0])).click(); document.querySelector(".plane").focus()', $name);
        $this->browser->keys(WebDriverKeys::ENTER);
        $this->browser->see('textarea.editor');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".writing .letters path, .writing .caret") !== null'), 'the words to be shown');
    }

    /** Puts the selection somewhere, in characters of plain text. */
    private function mark(int $from, int $to): void
    {
        $this->browser->run('const field = document.querySelector("textarea.editor"); field.focus(); field.setSelectionRange(arguments[0], arguments[1]); document.dispatchEvent(new Event("selectionchange"))', $from, $to);
    }

    public function test_words_are_written_with_a_selection_and_are_one_change(): void
    {
        ['sheet' => $sheet, 'document' => $document] = $this->openEmpty();
        $this->add($sheet, 'text', 100, 100, 0, 0, 'Notice', ['text' => 'Sailing notice']);
        $this->reload();
        $this->write('Notice');
        self::assertSame(14, $this->browser->run('const f = document.querySelector("textarea.editor"); return f.selectionEnd - f.selectionStart'), 'all of it is selected at first');
        $this->mark(0, 7);
        $this->browser->keys([WebDriverKeys::CONTROL, 'b', WebDriverKeys::NULL]);
        $this->mark(8, 14);
        $this->browser->keys([WebDriverKeys::CONTROL, 'i', WebDriverKeys::NULL]);
        $this->mark(14, 14);
        $this->browser->keys(WebDriverKeys::ENTER.'from Skerry');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".writing .letters path").length') >= 3, 'three runs of letters to be painted');
        // Up one line and to its end: by the lines that are painted.
        $this->browser->keys(WebDriverKeys::ARROW_UP.WebDriverKeys::END);
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector("textarea.editor").selectionStart') === 14, 'the caret to stand at the end of the first line');
        $this->browser->keys('s'.WebDriverKeys::ESCAPE);
        $this->browser->waitForStatus('Changed the words of "Notice"');
        $item = $this->item($sheet, 'Notice')['fields'];
        self::assertSame("Sailing notices\nfrom Skerry", $item['text']);
        self::assertSame([['from' => 0, 'to' => 7, 'weight' => 700], ['from' => 8, 'to' => 27, 'italic' => true]], $item['runs'], 'what is typed is as the letter before it');
        $this->browser->keys([WebDriverKeys::CONTROL, 'z', WebDriverKeys::NULL]);
        $this->browser->waitForStatus('Undone');
        self::assertSame('Sailing notice', $this->item($sheet, 'Notice')['fields']['text']);
        self::assertCount(2, $this->server->call('GET', "documents/$document/history")['lines'], 'one line for all that was written');
    }

    public function test_what_is_typed_next_is_set_as_was_asked(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'text', 100, 100, 0, 0, 'Fare', ['text' => 'Fare']);
        $this->reload();
        $this->write('Fare');
        $this->mark(4, 4);
        $this->browser->keys([WebDriverKeys::CONTROL, 'b', WebDriverKeys::NULL]);
        $this->browser->keys(' 4');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".writing .letters path").length') === 2, 'two runs of letters');
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->waitForStatus('Changed the words of');
        self::assertSame([['from' => 4, 'to' => 6, 'weight' => 700]], ($this->item($sheet, 'Fare 4')['fields']['runs']));
    }

    public function test_pasted_words_are_plain_and_too_many_are_refused_with_a_sentence(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'text', 100, 100, 0, 0, 'Notice', ['text' => 'Notice']);
        $this->reload();
        $this->write('Notice');
        $paste = 'const data = new DataTransfer(); data.setData("text/html", "<b>bold</b>"); data.setData("text/plain", arguments[0]); const event = new ClipboardEvent("paste", {clipboardData: data, bubbles: true, cancelable: true}); const went = document.querySelector("textarea.editor").dispatchEvent(event); if (went) document.execCommand("insertText", false, arguments[0]); return went';
        self::assertFalse($this->browser->run($paste, str_repeat('harbour ', 12_500)));
        $this->browser->waitForStatus('A text holds 60,000 characters at most; with what was pasted it would have 100,000. Nothing was pasted.');
        self::assertTrue($this->browser->run($paste, "From Skerry\nto Gannet"));
        $this->browser->keys(WebDriverKeys::ESCAPE);
        $this->browser->waitForStatus('Changed the words of');
        $texts = array_values(array_filter($this->server->call('GET', "sheets/$sheet")['items'], static fn (array $item): bool => $item['kind'] === 'text'));
        self::assertSame(["From Skerry\nto Gannet", []], [$texts[0]['fields']['text'], $texts[0]['fields']['runs']]);
    }

    public function test_the_drawer_sets_many_texts_and_styles_change_everywhere(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        foreach ([16, 16, 24] as $i => $size) {
            $this->add($sheet, 'text', 60, 60 + 80 * $i, 0, 0, "Text $i", ['text' => "Text $i", 'size' => $size]);
        }
        $this->reload();
        $this->browser->press('Type');
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.querySelector(".type-drawer").textContent'), '2 × 16, 1 × 24'), 'how often each size occurs');
        $this->browser->fill('.type-drawer [aria-label="size"]', '20');
        $this->browser->waitForStatus('Set size of 3 texts to 20');
        $this->browser->press('Keep…');
        $this->browser->fill('.style-panel input', 'Body');
        $this->browser->waitForStatus('as the style "Body"');
        $this->browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.includes("Text 1")).click()');
        $this->browser->fill('.type-drawer [aria-label="tracking"]', '50');
        $this->browser->waitForStatus('Set tracking of');
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.querySelector(".type-drawer").textContent'), 'Differs from its style in tracking.'), 'that it differs to be said');
        $this->browser->press('Change the style');
        $this->browser->waitForStatus('Changed the style "Body" (2 texts on this sheet)');
        $items = $this->server->call('GET', "sheets/$sheet")['items'];
        self::assertSame([50, 50, 50], array_map(static fn (array $item): int => (int) $item['fields']['tracking'], $items));
    }

    public function test_the_drawer_sets_what_is_selected_and_writing_goes_on(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'text', 60, 60, 0, 0, 'Notice', ['text' => 'Sailing notice']);
        $this->reload();
        $this->browser->press('Type');
        $this->write('Notice');
        $this->mark(0, 7);
        Waiting::until(fn (): bool => $this->browser->see('.type-drawer h2')->getText() === '7 letters', 'what is selected to be said');
        $this->browser->press('Italic');
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelectorAll(".writing .letters path").length') === 2, 'the italic letters');
        self::assertTrue($this->browser->run('return document.activeElement === document.querySelector("textarea.editor")'), 'the words have the focus still');
        $this->browser->fill('.type-drawer [aria-label="size"]', '30');
        Waiting::until(fn (): bool => str_contains((string) $this->browser->run('return document.querySelector(".writing .letters").innerHTML'), 'scale(0.015'), 'the larger letters');
        $this->browser->press('Lines are centred');
        $this->browser->keys(WebDriverKeys::ARROW_RIGHT.' today');
        $this->browser->clickSheet(700, 500);
        $this->browser->waitForStatus('Set text, align, runs of "Notice"');
        $item = array_values(array_filter($this->items($sheet), static fn (array $item): bool => $item['kind'] === 'text'))[0]['fields'];
        self::assertSame('Sailing today notice', $item['text']);
        self::assertSame([['from' => 0, 'to' => 13, 'italic' => true, 'size' => 30]], $item['runs']);
        self::assertSame('centre', $item['align']);
        self::assertNull($this->browser->run('return document.querySelector(".writing")'), 'a press elsewhere ends it');
        // From a field of the drawer, too.
        $this->write('Notice');
        $this->browser->run('document.querySelector(".type-drawer [aria-label=\'size\']").focus()');
        $this->browser->clickSheet(700, 500);
        Waiting::until(fn (): bool => $this->browser->run('return document.querySelector(".writing") === null'), 'the writing to end');
    }

    public function test_a_text_stands_on_a_circle_by_its_numbers(): void
    {
        ['sheet' => $sheet] = $this->openEmpty();
        $this->add($sheet, 'round', 100, 80, 200, 200, 'Badge');
        $this->reload();
        $this->browser->run('document.querySelector(".plane").focus()');
        $this->browser->keys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL]);
        $this->browser->keys('T');
        $this->browser->waitForStatus('Put "Text on a circle" on a circle with a radius of 100');
        $this->browser->fill('.well.space .words', 'Merrow Sound');
        $this->browser->waitForStatus('Changed the words of "Merrow Sound"');
        $this->browser->fill('[name="circle radius"]', '80 + 4');
        $this->browser->waitForStatus('Set circle of "Merrow Sound" to 84');
        self::assertEquals([116, 96, 168], [$this->item($sheet, 'Merrow Sound')['frame']['x'], $this->item($sheet, 'Merrow Sound')['frame']['y'], $this->item($sheet, 'Merrow Sound')['frame']['w']]);
        $this->browser->press('One on the other side');
        $this->browser->waitForStatus('Put "Merrow Sound" on a circle');
        $texts = array_values(array_filter($this->server->call('GET', "sheets/$sheet")['items'], static fn (array $item): bool => $item['kind'] === 'circle-text'));
        self::assertSame(['outside', 'inside'], array_map(static fn (array $item): string => $item['fields']['side'], $texts));
    }

    /** A red letter somewhere in words of many sizes and families: where the caret stands before it, where the page paints it, and where the picture has it. */
    public function test_caret_page_and_picture_agree(): void
    {
        ['sheet' => $sheet] = $this->openEmpty(640, 360);
        $seed = (int) (getenv('ALLSQUARE_SEED') ?: random_int(1, 1 << 30));
        $chance = new Randomizer(new Mt19937($seed));
        $families = array_keys(Fonts::library()->families());
        $words = ['Sailing', 'AVA', 'To', 'Wharf', 'pier', '07.15', 'Łódź', 'fjord', 'Ye'];
        $tried = 0;
        for ($i = 0; $i < 5; $i++) {
            $text = implode(' ', array_map(static fn (): string => $words[$chance->getInt(0, 8)], range(1, 8)));
            $spot = $chance->getInt(0, mb_strlen($text));
            $text = mb_substr($text, 0, $spot).'H'.mb_substr($text, $spot);
            $runs = array_map(static fn (): array => ['from' => $from = $chance->getInt(0, mb_strlen($text) - 1), 'to' => $chance->getInt($from + 1, mb_strlen($text)), 'size' => $chance->getInt(10, 40), 'font' => $families[$chance->getInt(0, count($families) - 1)], 'tracking' => $chance->getInt(-20, 80)], range(1, 3));
            $red = ['from' => $spot, 'to' => $spot + 1, 'fill' => '#ff0000'];
            $this->add($sheet, 'text', 40, 40, 400, 0, "Trial $i", ['text' => $text, 'size' => 18.5, 'runs' => [...$runs, $red], 'align' => ['start', 'centre', 'end', 'both'][$chance->getInt(0, 3)], 'padding' => $chance->getInt(0, 12), 'line_height' => 1.4]);
            $this->reload();
            $this->browser->run('document.querySelector(".plane").focus()');
            $this->browser->keys('0');
            $page = $this->browser->run('const red = [...document.querySelectorAll(".layer [data-item] [fill=\"#ff0000\"] path")].at(-1).getBoundingClientRect(); const m = document.querySelector(".layer .sheet").getScreenCTM(); return [(red.left - m.e) / m.a, (red.top - m.f) / m.d, m.a]');
            $this->write("Trial $i");
            $this->mark($spot, $spot);
            $caret = Waiting::until(fn (): mixed => $this->browser->run('const caret = document.querySelector(".writing .caret")?.getBoundingClientRect(); if (!caret) return null; const m = document.querySelector(".layer .sheet").getScreenCTM(); return [(caret.left + caret.width / 2 - m.e) / m.a]'), 'the caret to be shown');
            $this->browser->keys(WebDriverKeys::ESCAPE);
            $item = $this->item($sheet, "Trial $i");
            $run = array_values(array_filter($item['fields']['runs'], static fn (array $run): bool => $run['from'] <= $spot && $run['to'] > $spot))[0];
            $font = Fonts::library()->font($run['font'] ?? 'overpass', 400);
            $bearing = ($font->box(72)->x ?? 0) * ($run['size'] ?? 18.5) / $font->unitsPerEm;
            [$left, $top] = $this->painted($sheet);
            $about = "seed $seed, text $i: ".json_encode($item['fields']);
            self::assertEqualsWithDelta($page[0], $caret[0] + $bearing, self::SAME, "caret and page, $about");
            self::assertEqualsWithDelta($page[0], $left, self::SAME, "page and picture, $about");
            self::assertEqualsWithDelta($page[1], $top, self::SAME, "page and picture, $about");
            $this->server->call('POST', "sheets/$sheet/commands", ['command' => 'delete', 'items' => [$item['id']], 'params' => new \stdClass]);
            $tried++;
        }
        self::assertSame(5, $tried);
    }

    /** @return array{float, float} where red begins in the picture, px of the sheet */
    private function painted(string $sheet): array
    {
        $picture = imagecreatefromstring((string) file_get_contents("{$this->server->address}/api/sheets/$sheet/render.png?scale=4"));
        self::assertNotFalse($picture);
        [$left, $top] = [INF, INF];
        for ($y = 0; $y < imagesy($picture); $y++) {
            for ($x = 0; $x < imagesx($picture); $x++) {
                $colour = imagecolorat($picture, $x, $y);
                if (($colour >> 16 & 255) > 200 && ($colour >> 8 & 255) < 128 && ($colour & 255) < 128) {
                    [$left, $top] = [min($left, $x / 4), min($top, $y / 4)];
                }
            }
        }

        return [$left, $top];
    }
}
