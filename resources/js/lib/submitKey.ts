import { useEffect } from 'react';
import { useKeyWords } from './keys';

const words = { 'Ctrl Enter': 'Save the form that is being filled in' };

/** The enabled button that would send the form around an element. */
const submitAround = (at: Element | null) => at?.closest('form')?.querySelector<HTMLElement>('[type="submit"]:enabled');

/** Ctrl Enter sends the form in which one writes, unless the screen has a meaning of its own for it. */
export function useSubmitKey(): void {
    useKeyWords(words);

    useEffect(() => {
        const hear = (event: KeyboardEvent) => {
            if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey)) {
                return;
            }

            // Whoever else hears it has done so by then.
            setTimeout(() => {
                if (!event.defaultPrevented) {
                    submitAround(document.activeElement)?.click();
                }
            });
        };
        window.addEventListener('keydown', hear);

        return () => {
            window.removeEventListener('keydown', hear);
        };
    }, []);
}
