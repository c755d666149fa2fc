/** Words of CSS that stand for a colour of the surroundings, or for none. */
const NO_COLOURS =
    /^(currentcolor|transparent|inherit|initial|unset|revert|revert-layer|accentcolor.*|canvas.*|link.*|mark.*|button.*|field.*|highlight.*|selecteditem.*|graytext|visitedtext|activetext)$/i;

/**
 * Reads a colour as it may be typed: #abc, abcdef, rgb(), hsl(), or a name of CSS, which the browser knows (CSS Color 4).
 *
 * @returns #rrggbb, or #rrggbbaa where something shows through; or a sentence that says what is wrong with it
 */
export function readColour(typed: string): { hex: string } | { wrong: string } {
    const text = typed.trim();
    const colour = /^([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})$/i.test(text) ? `#${text}` : text;
    const pen = document.createElement('canvas').getContext('2d');
    if (!pen || NO_COLOURS.test(colour) || !CSS.supports('color', colour))
        return { wrong: `"${text}" is no colour. Type #abc, #aabbcc, rgb(), hsl() or a name such as seagreen.` };
    // It is written out by the browser: #rrggbb, or as rgba() where something shows through.
    pen.fillStyle = colour;
    if (/^#[0-9a-f]{6}$/.test(pen.fillStyle)) return { hex: pen.fillStyle };
    const [r = 0, g = 0, b = 0, a = 1] = (pen.fillStyle.match(/[\d.]+/g) ?? []).map(Number);
    return { hex: `#${[r, g, b, a * 255].map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}` };
}
