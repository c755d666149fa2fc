<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Browser;
use Tests\Support\Waiting;

/** Type on the sheet of 1,000: a text of 5,000 words set again, and letters typed into one of 300 words. */
final readonly class Type
{
    private const WORDS = ['sailings', 'from', 'the', 'harbour', 'of', 'Skerry', 'Point,', 'Tower', 'and', 'Wharf'];

    private const LETTERS = 40;

    /** @var array<int, string> ids of texts, by how many words they have */
    private array $texts;

    public function __construct(private LargeSheet $large)
    {
        $texts = [];
        foreach ([5_000, 300] as $i => $count) {
            $words = implode(' ', array_map(static fn (int $i): string => self::WORDS[$i * 7 % 10], range(1, $count)));
            $texts[$count] = $large->command('add-item', [], ['kind' => 'text', 'name' => "$count words", 'text' => $words, 'x' => 3300, 'y' => $i * 6_000 + 100, 'w' => 700, 'font' => 'source-serif-4'])['created'][0]['id'];
        }
        $this->texts = $texts;
    }

    /** @return array<string, array{callable(int): array{string, string, mixed}, float}> requests by name, and at most how many times the floor they may take */
    public function requests(): array
    {
        $send = fn (string $command, int $text, array $params): array => ['POST', "sheets/{$this->large->sheet}/commands", ['command' => $command, 'items' => [$this->texts[$text]], 'params' => $params]];

        return ['5,000 words set again' => [static fn (int $i): array => $send('set', 5_000, ['size' => 16 + abs($i) % 2]), 10.0]];
    }

    /** @return list<float> ms from a letter that was typed until it is painted */
    public function typing(Browser $browser): array
    {
        $browser->visit("/d/{$this->large->document}/{$this->large->sheet}");
        $browser->waitForSheet();
        $browser->run('[...document.querySelectorAll("[role=treeitem]")].find((row) => row.textContent.includes("300 words")).click()');
        $browser->run('document.querySelector(".plane").focus()');
        $browser->keys('f');
        $browser->keys(WebDriverKeys::ENTER);
        $browser->see('textarea.editor');
        Waiting::until(static fn (): bool => $browser->run('return document.querySelector(".writing .letters path") !== null'), 'the letters to be painted');

        return array_map(floatval(...), (array) $browser->driver->executeAsyncScript(<<<'JS'
            const [count, done] = arguments;
            const field = document.querySelector('textarea.editor'), letters = document.querySelector('.writing .letters');
            const times = [];
            const next = () => {
                if (times.length === count) return done(times);
                const at = 40 + times.length;
                const begun = performance.now();
                new MutationObserver((_, observer) => { observer.disconnect(); requestAnimationFrame(() => { times.push(performance.now() - begun); setTimeout(next, 30); }); }).observe(letters, { childList: true });
                field.setSelectionRange(at, at);
                document.execCommand('insertText', false, 'e');
            };
            next();
            JS, [self::LETTERS]));
    }
}
