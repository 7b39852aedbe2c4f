import type { Page } from '@playwright/test';
import axe from 'axe-core';

declare global {
    interface Window {
        axe: typeof axe;
    }
}

/** Checks the page that is open; a page that is opened later has to be given the checker anew. */
export async function loadChecker(page: Page): Promise<void> {
    await page.evaluate(axe.source);
}

/**
 * What breaks these rules, as "rule: elements". What is made as something beside it or before it, apart from its words, is not
 * looked at again: of the rows of a list, one of each kind.
 */
export async function faults(page: Page, ...rules: string[]): Promise<string[]> {
    const found = await page.evaluate((runOnly) => {
        const WORDS = ['id', 'href', 'for', 'name', 'value', 'title', 'datetime', 'placeholder', 'd'];
        const isWords = (name: string): boolean => WORDS.includes(name) || /^aria-(label|labelledby|describedby|controls)$/.test(name);
        const ids = new Map<string, number>();
        const shapes = new Map<Element, number>();

        const idOf = (description: string): number => {
            const id = ids.get(description) ?? ids.size;
            ids.set(description, id);

            return id;
        };

        const own = (element: Element): string =>
            [element.tagName, ...Array.from(element.attributes, ({ name, value }) => (isWords(name) ? name : `${name}=${value}`))].join(
                ' ',
            );

        const shapeOf = (element: Element): number => {
            const hasWords = [...element.childNodes].some(
                ({ nodeType, nodeValue }) => nodeType === Node.TEXT_NODE && nodeValue?.trim() !== '',
            );
            const shape = idOf(`${own(element)}|${String(hasWords)}|${Array.from(element.children, shapeOf).join(',')}`);
            shapes.set(element, shape);

            return shape;
        };

        const seen = new Set<string>();
        const repeats = (element: Element, above: number): Element[] => {
            const kind = `${String(above)}/${String(shapes.get(element))}`;

            if (seen.has(kind)) {
                return [element];
            }

            seen.add(kind);
            const here = idOf(`${String(above)}>${own(element)}`);

            return Array.from(element.children).flatMap((child) => repeats(child, here));
        };

        shapeOf(document.body);

        return window.axe.run({ exclude: repeats(document.body, -1) }, { resultTypes: ['violations'], runOnly });
    }, rules);

    return found.violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join('\n')}`);
}
