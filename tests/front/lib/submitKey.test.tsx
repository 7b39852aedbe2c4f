import { render } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useKeys } from '../../../resources/js/lib/keys';
import { useSubmitKey } from '../../../resources/js/lib/submitKey';
import { strike } from '../hand';

const sent = vi.fn();
const own = vi.fn();

function Page({ isFull = true, hasOwn = false }: { isFull?: boolean; hasOwn?: boolean }) {
    useSubmitKey();
    useKeys(hasOwn ? { 'Ctrl Enter': { words: 'Next item', run: own } } : {});

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                sent();
            }}
        >
            <textarea aria-label="Words" />
            <button type="button">Add a line</button>
            <button type="submit" disabled={!isFull}>
                Save
            </button>
        </form>
    );
}

const press = (page: React.ReactElement, key: Parameters<typeof strike>[1] = { ctrlKey: true }) => {
    const { getByLabelText } = render(page);
    getByLabelText('Words').focus();
    strike('Enter', key);
    vi.runAllTimers();
};

beforeEach(() => {
    vi.useFakeTimers();
    vi.clearAllMocks();
});

afterEach(() => {
    vi.useRealTimers();
});

describe('Ctrl Enter', () => {
    it.each([{ ctrlKey: true }, { metaKey: true }])('sends the form in which one writes, once: %o', (key) => {
        press(<Page />, key);
        expect(sent).toHaveBeenCalledOnce();
    });

    it('sends nothing that could not be sent with the button', () => {
        press(<Page isFull={false} />);
        expect(sent).not.toHaveBeenCalled();
    });

    it('is left to a screen that has a meaning of its own for it', () => {
        press(<Page hasOwn />);
        expect(own).toHaveBeenCalledOnce();
        expect(sent).not.toHaveBeenCalled();
    });

    it('does nothing outside of a form', () => {
        render(<Page />);
        strike('Enter', { ctrlKey: true });
        vi.runAllTimers();
        expect(sent).not.toHaveBeenCalled();
    });

    it('is not Enter alone', () => {
        press(<Page />, {});
        expect(sent).not.toHaveBeenCalled();
    });
});
