import { useEffect, useRef } from 'react';

const OFF = 'single-keys-off';

/** Whether single keys are heard at all: who uses speech input may want them off. */
export const singleKeys = {
    areOn: () => localStorage.getItem(OFF) === null,
    turn: (on: boolean) => {
        if (on) {
            localStorage.removeItem(OFF);
        } else {
            localStorage.setItem(OFF, '1');
        }
    },
};

function isTyping(target: EventTarget | null): boolean {
    return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

/** The name of a key press: "n", "Ctrl k", "Ctrl Shift z", "Ctrl Enter". */
function nameOf(event: KeyboardEvent): string {
    const isCommand = event.ctrlKey || event.metaKey;
    const isLetter = event.key.length === 1;

    return (
        (isCommand ? 'Ctrl ' : '') +
        (isCommand && event.shiftKey && isLetter ? 'Shift ' : '') +
        (isCommand && isLetter ? event.key.toLowerCase() : event.key)
    );
}

/**
 * Listens to keys while the component is there. A key of two parts ("g w") is pressed one after the
 * other. Single keys rest while one types and while a dialog is open.
 */
export function useKeys(keys: Record<string, () => void>): void {
    const current = useRef(keys);
    const before = useRef<{ key: string; at: number }>({ key: '', at: 0 });

    useEffect(() => {
        current.current = keys;
    });

    useEffect(() => {
        const hear = (event: KeyboardEvent) => {
            const name = nameOf(event);
            const isSingle = !name.startsWith('Ctrl ');

            if (event.defaultPrevented || event.altKey || (isSingle && (isTyping(event.target) || !singleKeys.areOn()))) {
                return;
            }

            if (isSingle && document.querySelector('[role="dialog"], [role="menu"]') !== null) {
                return;
            }

            const first = Date.now() - before.current.at < 1200 ? before.current.key : '';
            const second = current.current[`${first} ${name}`];
            const run = second ?? current.current[name];
            // The second part of a key is not the first of the next: "g g" and then "w" is not "g w".
            before.current = { key: second === undefined ? name : '', at: Date.now() };

            if (run !== undefined) {
                event.preventDefault();
                run();
            }
        };

        window.addEventListener('keydown', hear);

        return () => {
            window.removeEventListener('keydown', hear);
        };
    }, []);
}
