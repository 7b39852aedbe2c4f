import { readFileSync } from 'node:fs';
import type { JSHandle, Page } from '@playwright/test';
import type axe from 'axe-core';

declare global {
    interface Window {
        axe: typeof axe;
    }
}

const AXE = readFileSync('node_modules/axe-core/axe.min.js', 'utf8');

const CONTRAST = 'color-contrast';

/** Runs in the page: what is made as something before it in the same place, apart from its words, such as all rows of a list but one. */
function repeatsInPage(): Element[] {
    const WORDS = ['id', 'href', 'for', 'name', 'value', 'title', 'datetime', 'placeholder', 'd'];
    const isWords = (name: string): boolean => WORDS.includes(name) || /^aria-(label|labelledby|describedby|controls)$/.test(name);
    const ids = new Map<string, number>();
    const shapes = new Map<Element, number>();
    const seen = new Set<string>();

    const idOf = (description: string): number => {
        const id = ids.get(description) ?? ids.size;
        ids.set(description, id);

        return id;
    };

    const own = ({ tagName, attributes }: Element): string =>
        [tagName, ...Array.from(attributes, ({ name, value }) => (isWords(name) ? name : `${name}=${value}`))].join(' ');

    const shapeOf = (element: Element): number => {
        const hasWords = [...element.childNodes].some(({ nodeType, nodeValue }) => nodeType === Node.TEXT_NODE && nodeValue?.trim() !== '');
        const shape = idOf(`${own(element)}|${String(hasWords)}|${Array.from(element.children, shapeOf).join(',')}`);
        shapes.set(element, shape);

        return shape;
    };

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

    return repeats(document.body, -1);
}

/** The checker in the page that is open; one that is opened later needs its own. */
export class Checker {
    private constructor(
        private readonly page: Page,
        private readonly seen: JSHandle<Element[]>,
    ) {}

    /** @param apart a selector of what was looked through on a page before, as it is coloured */
    static async of(page: Page, apart: string | null = null): Promise<Checker> {
        await page.evaluate(AXE);
        const repeats = await page.evaluateHandle(repeatsInPage);
        const seen = await page.evaluateHandle(
            ([found, selector]) => [...found, ...(selector === null ? [] : document.querySelectorAll(selector))],
            [repeats, apart] as const,
        );

        return new Checker(page, seen);
    }

    /** What breaks rules of the first two levels, anywhere in the page, as "rule: elements"; how it is coloured apart. */
    async faults(): Promise<string[]> {
        return named(
            await this.page.evaluate(
                (contrast) =>
                    window.axe.run({
                        resultTypes: ['violations'],
                        runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa'],
                        rules: { [contrast]: { enabled: false } },
                    }),
                CONTRAST,
            ),
        );
    }

    /** Words that are too pale, as "rule: elements"; of what is made alike, one is looked at. */
    async paleWords(): Promise<string[]> {
        return named(
            await this.page.evaluate(
                ([exclude, contrast]) => window.axe.run({ exclude }, { resultTypes: ['violations'], runOnly: [contrast] }),
                [this.seen, CONTRAST] as const,
            ),
        );
    }
}

function named({ violations }: axe.AxeResults): string[] {
    return violations.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join('\n')}`);
}
