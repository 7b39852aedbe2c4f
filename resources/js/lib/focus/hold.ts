import { router } from '@inertiajs/react';
import { useEffect } from 'react';
import { isUnderneath } from '../keys';

const PAGE = '#content';
const ROW = 'li, tr, [data-row]';
const CONTROLS = 'a[href], button, input, select, textarea, [tabindex="0"]';
const TYPED_INTO = 'input:not([type="checkbox"]):not([type="radio"]), textarea';

/** A row as it stood among the others while the focus was in it. */
interface Row {
    row: Element;
    after: Element[];
    before: Element[];
}

/** What stood around it, and at which place among its parts it stood. */
interface Around {
    element: Element;
    place: number;
}

/** What had the focus, and all that stood around it. */
interface Held {
    control: HTMLElement;
    around: Around[];
    rows: Row[];
    /** Which of the controls of its row it was. */
    place: number;
}

const controlsOf = (element: Element): HTMLElement[] =>
    [...element.querySelectorAll<HTMLElement>(CONTROLS)].filter((each) => !each.matches(':disabled') && each.checkVisibility());

function hold(control: HTMLElement): Held {
    const around: Around[] = [];

    for (let part: Element = control; part.parentElement !== null && !part.parentElement.matches(PAGE); part = part.parentElement) {
        around.push({ element: part.parentElement, place: [...part.parentElement.children].indexOf(part) });
    }

    const rows = around.map(({ element }) => element).filter((each) => each.matches(ROW));
    const own = rows[0];

    return {
        control,
        around,
        rows: rows.map(amongOthers),
        place: own === undefined ? 0 : controlsOf(own).indexOf(control),
    };
}

/** Tasks are one list, whatever stands between them: after the last of a day comes the first of the next. */
function amongOthers(row: Element): Row {
    const all = [
        ...(row.matches('[data-task-line]') ? document.querySelectorAll('[data-task-line]') : (row.parentElement?.children ?? [])),
    ];
    const at = all.indexOf(row);

    return { row, after: all.slice(at + 1), before: all.slice(0, at).reverse() };
}

/** Where the focus belongs once it was lost: null while what had it only rests, or where it had none. */
function belongs(held: Held): HTMLElement | null {
    if (held.control.isConnected) {
        return held.control.matches(':disabled') ? null : held.control;
    }

    const gone = held.rows.findLast(({ row }) => !row.isConnected);
    const next =
        gone === undefined ? undefined : [...gone.after, ...gone.before].find((row) => row.isConnected && controlsOf(row).length > 0);

    if (next !== undefined) {
        const controls = controlsOf(next);
        const same = controls[held.place];

        // A button does something: pressed once more than meant, it would do it to the next row as well.
        return (same?.tagName === held.control.tagName && same.tagName !== 'BUTTON' ? same : controls[0]) ?? null;
    }

    for (const around of held.around.filter(({ element }) => element.isConnected)) {
        const near = inPlaceOf(around);

        if (near !== null) {
            return near;
        }
    }

    return document.querySelector<HTMLElement>(PAGE);
}

/** What stands where it stood, or the next that can be focused after it, or before. */
function inPlaceOf({ element, place }: Around): HTMLElement | null {
    const parts = [...element.children];
    const near = [...parts.slice(place), ...parts.slice(0, place).reverse()];

    for (const part of near) {
        const [first] = [...(part instanceof HTMLElement && part.matches(CONTROLS) ? [part] : []), ...controlsOf(part)];

        if (first !== undefined) {
            return first;
        }
    }

    return null;
}

const isNowhere = () => document.activeElement === null || document.activeElement === document.body;

/** What the focus was given to because it was lost, not by who works here. */
let given: Element | null = null;

/** Brings the keyboard back to a task whose line was drawn anew elsewhere, unless one has gone elsewhere oneself since. */
export function keepFocusOn(id: number): void {
    if (isNowhere() || document.activeElement === given) {
        document.querySelector<HTMLElement>(`[data-task="${String(id)}"] a`)?.focus();
    }
}

/**
 * Keeps the keyboard where one works: what has the focus can go with the change it made. It goes on to the row that follows then,
 * to the one before where none follows, or to what stands in its place. On another page it begins at the page's content.
 *
 * @returns stops it
 */
export function holdFocus(): () => void {
    let held: Held | null = null;
    let isByPointer = false;
    let away: HTMLElement | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const isLost = () => isNowhere() && !isUnderneath();

    const remember = ({ target }: FocusEvent) => {
        // What a part hands on as it gets it has it no more.
        if (target === document.activeElement && target instanceof HTMLElement && target.closest(PAGE) !== null && !target.matches(PAGE)) {
            held = hold(target);
        }
    };
    const look = () => {
        timer = undefined;

        if (isLost()) {
            // Whoever leaves something that is still there went away on purpose.
            held = away?.isConnected === true && !away.matches(':disabled') ? null : held;
            const to = held === null ? null : belongs(held);

            // Under a finger a field would open the keyboard of the phone.
            if (to !== null && !(isByPointer && to.matches(TYPED_INTO))) {
                given = to;
                to.focus({ preventScroll: to.matches(PAGE) });
            }
        }

        away = null;
    };
    // On its way from one to the other the focus is nowhere for a moment: it is looked for once it has arrived.
    const soon = () => {
        timer ??= setTimeout(look);
    };
    const left = ({ target, relatedTarget }: FocusEvent) => {
        away = relatedTarget === null && target instanceof HTMLElement ? target : null;
        soon();
    };
    const pressed = ({ type }: Event) => {
        isByPointer = type === 'pointerdown';
    };

    let path = location.pathname;
    const stopHearing = router.on('navigate', () => {
        if (location.pathname !== path) {
            path = location.pathname;
            held = null;
            requestAnimationFrame(() => {
                if (isLost()) {
                    document.querySelector<HTMLElement>(PAGE)?.focus({ preventScroll: true });
                }
            });
        }
    });
    const changes = new MutationObserver(soon);
    changes.observe(document.body, { childList: true, subtree: true, attributes: true, attributeFilter: ['disabled'] });
    document.addEventListener('focusin', remember);
    document.addEventListener('focusout', left);
    document.addEventListener('pointerdown', pressed, true);
    document.addEventListener('keydown', pressed, true);

    return () => {
        stopHearing();
        clearTimeout(timer);
        changes.disconnect();
        document.removeEventListener('focusin', remember);
        document.removeEventListener('focusout', left);
        document.removeEventListener('pointerdown', pressed, true);
        document.removeEventListener('keydown', pressed, true);
    };
}

export function useHeldFocus(): void {
    useEffect(holdFocus, []);
}
