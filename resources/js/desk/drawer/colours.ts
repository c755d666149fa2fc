/** Words of CSS that stand for a colour of the surroundings, or for none. */
const NO_COLOURS =
    /^(currentcolor|transparent|inherit|initial|unset|revert|revert-layer|accentcolor.*|canvas.*|link.*|mark.*|button.*|field.*|highlight.*|selecteditem.*|graytext|visitedtext|activetext)$/i;

/**
 * Reads a colour as it may be typed: #abc, abcdef, rgb(), hsl(), or a name of CSS, which the browser knows (CSS Color 4).
 *
 * @returns #rrggbb in small letters, or a sentence that says what is wrong with it
 */
export function readColour(typed: string): { hex: string } | { wrong: string } {
    const text = typed.trim();
    const colour = /^([0-9a-f]{3}|[0-9a-f]{6})$/i.test(text) ? `#${text}` : text;
    const pen = document.createElement('canvas').getContext('2d');
    if (!pen || NO_COLOURS.test(colour) || !CSS.supports('color', colour))
        return { wrong: `"${text}" is no colour. Type #abc, #aabbcc, rgb(), hsl() or a name such as seagreen.` };
    // It is written out by the browser: #rrggbb, or otherwise where something shows through.
    pen.fillStyle = colour;
    return /^#[0-9a-f]{6}$/.test(pen.fillStyle)
        ? { hex: pen.fillStyle }
        : { wrong: `"${text}" is not opaque. How much shows through is set by the opacity.` };
}
