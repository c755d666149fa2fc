<?php

declare(strict_types=1);

namespace Tests\Browser\Jobs;

use Tests\Browser\Support\Browser;

/**
 * Measures in the page, for every press, how long it takes until what it changed on the sheet is painted: from the event to the
 * frame after the last change of the painted layer, before the next event.
 */
final class PaintClock
{
    private const LISTEN = <<<'JS'
        if (window.paintClock === undefined) {
            const clock = (window.paintClock = { what: '', pressed: 0, painted: 0, all: [] });
            const asked = () => performance.getEntriesByType('resource').filter(({ startTime }) => startTime >= clock.pressed);
            const kind = () =>
                location.pathname !== clock.path ? 'opening' : asked().some(({ name }) => /picture-library|api.pictures/.test(name)) ? 'fetching' : 'acting';
            const keep = () => clock.painted > clock.pressed && clock.all.push([clock.painted - clock.pressed, clock.of, kind()]);
            const press = (event) => {
                if (!event.isTrusted) return;
                keep();
                Object.assign(clock, { pressed: performance.now(), painted: 0, of: clock.what, path: location.pathname });
            };
            for (const type of ['pointerdown', 'pointerup', 'keydown', 'change']) addEventListener(type, press, { capture: true });
            const painted = () => requestAnimationFrame(() => {
                const channel = new MessageChannel();
                channel.port1.onmessage = () => (clock.painted = performance.now());
                channel.port2.postMessage(0);
            });
            new MutationObserver((changes) => {
                if (changes.some(({ target }) => (target.nodeType === 1 ? target : target.parentElement)?.closest('.layer'))) painted();
            }).observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
            clock.take = () => { keep(); clock.painted = 0; performance.clearResourceTimings(); return clock.all.splice(0); };
        }
        const was = window.paintClock.take();
        window.paintClock.what = arguments[0];
        return was;
        JS;

    /** @var array<string, SlowPress> by what kind of press it was: acting on a sheet, opening one, fetching a picture */
    private array $slowest = [];

    public function __construct(private readonly Browser $browser)
    {
    }

    /** What is done next, in words; what was before is taken down. */
    public function begin(string $what): void
    {
        foreach ((array) $this->browser->run(self::LISTEN, $what) as [$milliseconds, $of, $kind]) {
            if ($milliseconds > ($this->slowest[$kind]->milliseconds ?? 0.0)) {
                $this->slowest[$kind] = new SlowPress((float) $milliseconds, (string) $of);
            }
        }
    }

    /** @return array<string, SlowPress> the slowest press of each kind */
    public function slowest(): array
    {
        $this->begin('');

        return $this->slowest;
    }
}
