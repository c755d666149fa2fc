<?php

declare(strict_types=1);

namespace Tests\Bench;

use Tests\Browser\Support\Browser;
use Tests\Support\Waiting;

/** How long the frames of a drag take, 120 moves by pointer events in the page. */
final class Frames
{
    /**
     * @param  int  $x  px of the page, where the drag begins
     * @param  bool  $isFree  whether Ctrl is held as it begins
     * @return list<float> milliseconds
     */
    public static function dragging(Browser $browser, int $x, int $y, bool $isFree = true): array
    {
        $browser->run('
            const [x, y, free] = arguments;
            const plane = document.querySelector(".plane");
            plane.setPointerCapture = () => {};
            const tell = (type, dx) => plane.dispatchEvent(new PointerEvent(type, {bubbles: true, clientX: x + dx, clientY: y + dx / 2, button: 0, buttons: 1, pointerId: 1, ctrlKey: free && type === "pointerdown"}));
            window.frames120 = null;
            const times = [];
            let moves = 0, last = performance.now();
            tell("pointerdown", 0);
            const frame = (now) => {
                times.push(now - last);
                last = now;
                if (moves++ === 120) { tell("pointerup", 120); window.frames120 = times.slice(1); return; }
                tell("pointermove", moves);
                requestAnimationFrame(frame);
            };
            requestAnimationFrame(frame);
        ', $x, $y, $isFree);

        return array_map(floatval(...), (array) Waiting::until(static fn (): mixed => $browser->run('return window.frames120'), 'the drag to end'));
    }
}
