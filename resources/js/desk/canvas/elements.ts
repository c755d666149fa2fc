import type { Drawn, Item, Painting } from '@/api/types';
import { mirrorTransform } from '@/sheet/geometry';
import { addressOf, isPicture, keyOf } from '@/sheet/pictures';
import { isLetters, pathOf } from './glyphs';

const SVG = 'http://www.w3.org/2000/svg';

/** Pictures are fetched as large as they are seen, once that is known. */
function picture(element: Element, href: string): void {
    element.removeAttribute('href');
    element.setAttribute('data-picture', keyOf(href));
}

/**
 * Shows the pictures in a part of the page as large as they are seen. What was shown larger before stays so.
 *
 * @param zoom px of the screen to each px of the sheet
 */
export function sharpen(within: Element, zoom: number): void {
    for (const element of within.querySelectorAll('[data-picture]')) {
        const side = Math.max(Number(element.getAttribute('width')), Number(element.getAttribute('height')));
        const pixels = side * zoom * devicePixelRatio;
        if (element.hasAttribute('href') && pixels <= Number(element.getAttribute('data-pixels'))) continue;
        const address = addressOf(element.getAttribute('data-picture') ?? '', pixels);
        element.setAttribute('data-pixels', String(pixels));
        if (element.getAttribute('href') !== address) element.setAttribute('href', address);
    }
}

export function group(): SVGGElement {
    return document.createElementNS(SVG, 'g');
}

/** Elements of a painting as nodes of the page. */
function nodes(drawn: Drawn[] = []): Node[] {
    return drawn.map((one) => {
        if (typeof one === 'string') return document.createTextNode(one);
        if (isLetters(one)) {
            const path = document.createElementNS(SVG, 'path');
            path.setAttribute('transform', one.transform);
            path.setAttribute('d', pathOf(one));
            return path;
        }
        const [name, attributes, inside] = one;
        const element = document.createElementNS(SVG, name);
        for (const [attribute, value] of Object.entries(attributes)) element.setAttribute(attribute, value);
        if (isPicture(attributes.href)) picture(element, attributes.href);
        if (inside) element.append(...nodes(inside));
        return element;
    });
}

/** What an item paints itself, in the mirror where it is flipped. */
function own(item: Item, drawn: Drawn[] | undefined): Node[] {
    const painted = nodes(drawn);
    if (painted.length === 0 || item.flip === 'none') return painted;
    const around = group();
    around.setAttribute('transform', mirrorTransform(item));
    around.append(...painted);
    return [around];
}

/**
 * Puts what an item paints into its node, beneath and above what it holds.
 *
 * @returns where what it holds belongs: the node itself, where the item paints nothing of its own
 */
export function paint(node: SVGGElement, item: Item, known: SVGGElement | null): SVGGElement {
    const { body, over, defs, clip } = item.painting ?? ({} as Painting);
    if (!body && !over && !clip) {
        if (known && known !== node) node.replaceChildren(...known.childNodes);
        return node;
    }
    const inner = known && known !== node ? known : group();
    if (known === node) inner.append(...node.childNodes);
    const held = clip ? within(item, clip, inner) : [inner];
    node.replaceChildren(...nodes(defs), ...own(item, body), ...held, ...own(item, over));
    return inner;
}

/** What an item holds as far as it is seen, and beneath it all of it, which is faint and shown only while the item is entered. */
function within(item: Item, clip: NonNullable<Painting['clip']>, inner: SVGGElement): Element[] {
    const cut = clipping(item, clip);
    const seen = group();
    seen.setAttribute('clip-path', `url(#${cut.id})`);
    seen.append(inner);
    inner.id = `held-${item.id}`;
    const all = document.createElementNS(SVG, 'use');
    all.setAttribute('href', `#${inner.id}`);
    all.setAttribute('class', 'cut-off');
    return [cut, all, seen];
}

/** The same for an item that holds nothing. */
export function leaf(node: SVGGElement, item: Item): SVGGElement {
    node.replaceChildren(
        ...nodes(item.painting?.defs),
        ...own(item, item.painting?.body),
        ...own(item, item.painting?.over),
    );
    return node;
}

function clipping(item: Item, clip: NonNullable<Painting['clip']>): Element {
    const cut = document.createElementNS(SVG, 'clipPath');
    cut.id = `clip-${item.id}`;
    const path = document.createElementNS(SVG, 'path');
    path.setAttribute('d', clip.path);
    if (clip.rule) path.setAttribute('clip-rule', clip.rule);
    if (item.flip !== 'none') path.setAttribute('transform', mirrorTransform(item));
    cut.append(path);
    return cut;
}
