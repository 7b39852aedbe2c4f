import { useEffect } from 'react';
import { isUnderneath, keysNow, useKeyWords } from '../keys';

/** Lines of lists that the arrows walk through. */
const LINES = '[data-task-line], [data-line]';

/** What has arrows of its own, or is typed into. */
const OWN_ARROWS = 'input, textarea, select, [contenteditable], [role="combobox"], [role="slider"], [role="tablist"], [role="radiogroup"]';

/** A line is focused by what it leads to, or else by what it does. */
const leads = (line: HTMLElement) => line.querySelector<HTMLElement>('a[href]') ?? line.querySelector<HTMLElement>('button');

export const linesInSight = (): HTMLElement[] =>
    [...document.querySelectorAll<HTMLElement>(LINES)].filter((each) => leads(each) !== null && each.checkVisibility());

export function focusLine(line: HTMLElement | undefined): void {
    if (line !== undefined) {
        leads(line)?.focus();
    }
}

/**
 * The line that an arrow leads to: within a list the next one, from anywhere else on the page the next in reading order. From
 * nowhere at all the first that can be seen, so that who has scrolled goes on from there.
 */
export function lineFrom(at: Element | null, step: 1 | -1): HTMLElement | undefined {
    const lines = linesInSight();
    const isNowhere = at === null || at === document.body || at.id === 'content';

    if (isNowhere) {
        return step === 1 ? (lines.find((line) => line.getBoundingClientRect().top >= 0) ?? lines[0]) : undefined;
    }

    const own = at.closest<HTMLElement>(LINES);

    if (own !== null && lines.includes(own)) {
        return lines[lines.indexOf(own) + step];
    }

    const side = step === 1 ? Node.DOCUMENT_POSITION_FOLLOWING : Node.DOCUMENT_POSITION_PRECEDING;
    const ahead = lines.filter((line) => (at.compareDocumentPosition(line) & side) !== 0);

    return step === 1 ? ahead[0] : ahead.at(-1);
}

const arrowKeys = { '↑ ↓': 'Into the lists of the page, and from line to line' };

/** Arrows lead into the lists of the page from wherever one is, unless what has the focus has arrows of its own. */
export function useArrowsIntoLists(): void {
    useKeyWords(arrowKeys);
    useEffect(() => {
        const hear = (event: KeyboardEvent) => {
            const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : null;
            const isMeant = !event.defaultPrevented && !event.altKey && !event.ctrlKey && !event.metaKey && !event.shiftKey;

            if (step === null || !isMeant || !(event.target instanceof Element)) {
                return;
            }

            if (event.target.closest(OWN_ARROWS) !== null || isUnderneath()) {
                return;
            }

            // A page that means something else by its arrows is heard, whoever began to listen first.
            if (keysNow().some(([key]) => key === event.key)) {
                return;
            }

            const line = lineFrom(document.activeElement, step);

            if (line !== undefined) {
                event.preventDefault();
                focusLine(line);
            }
        };

        window.addEventListener('keydown', hear);

        return () => {
            window.removeEventListener('keydown', hear);
        };
    }, []);
}
