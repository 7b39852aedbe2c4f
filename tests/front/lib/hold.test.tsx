import { act, fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { holdFocus, keepFocusOn } from '../../../resources/js/lib/focus/hold';

const settle = () => act(() => new Promise<void>((done) => setTimeout(done, 20)));
const focused = () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '';

/** A page with a list whose rows can go, come, and be locked while something is sent. */
function List({ from = ['One', 'Two', 'Three'], isTasks = false }: { from?: string[]; isTasks?: boolean }) {
    const [rows, setRows] = useState(from);
    const [isBusy, setBusy] = useState(false);

    return (
        <>
            <button
                type="button"
                aria-label="busy"
                onClick={() => {
                    setBusy(!isBusy);
                }}
                tabIndex={-1}
            />
            <button
                type="button"
                aria-label="reverse"
                onClick={() => {
                    setRows([...rows].reverse());
                }}
                tabIndex={-1}
            />
            <button
                type="button"
                aria-label="clear"
                onClick={() => {
                    setRows([]);
                }}
                tabIndex={-1}
            />
            <main id="content" tabIndex={-1}>
                <section>
                    <ul>
                        {rows.map((row, at) => (
                            <li key={row} {...(isTasks ? { 'data-task-line': true, 'data-task': at } : {})}>
                                <a href={`#${row}`} aria-label={row}>
                                    {row}
                                </a>
                                <button
                                    type="button"
                                    disabled={isBusy}
                                    aria-label={`Delete ${row}`}
                                    onClick={() => {
                                        setRows(rows.filter((each) => each !== row));
                                    }}
                                />
                                <input
                                    type="checkbox"
                                    aria-label={`Done: ${row}`}
                                    onChange={() => {
                                        setRows(rows.filter((each) => each !== row));
                                    }}
                                />
                            </li>
                        ))}
                    </ul>
                    <input aria-label="Add a row" />
                </section>
            </main>
        </>
    );
}

/** A button in whose place a form opens. */
function Charter() {
    const [isOpen, setOpen] = useState(false);

    return (
        <main id="content" tabIndex={-1}>
            <a href="#goal">A goal</a>
            <div>
                <p>Why</p>
                {isOpen ? (
                    <form>
                        <input aria-label="Why" />
                        <button
                            type="button"
                            onClick={() => {
                                setOpen(false);
                            }}
                        >
                            Cancel
                        </button>
                    </form>
                ) : (
                    <button
                        type="button"
                        onClick={() => {
                            setOpen(true);
                        }}
                    >
                        Edit
                    </button>
                )}
            </div>
        </main>
    );
}

let stop = () => undefined as unknown;

beforeEach(() => {
    stop = holdFocus();
    // By the keyboard, until a test presses something else.
    fireEvent.keyDown(document.body, { key: 'Tab' });
});

afterEach(() => {
    stop();
});

const focusOn = (name: string) => {
    const element = screen.getByLabelText(name);
    element.focus();

    return element;
};

describe('a row that goes', () => {
    it('leaves the focus on the row after it', async () => {
        render(<List />);
        fireEvent.click(focusOn('Done: Two'));
        await settle();
        expect(focused()).toBe('Done: Three');
    });

    it('leaves it on the row before, where it was the last', async () => {
        render(<List />);
        fireEvent.click(focusOn('Done: Three'));
        await settle();
        expect(focused()).toBe('Done: Two');
    });

    it('leaves a button of a row for what the next row leads to, so that one press too many deletes nothing', async () => {
        render(<List />);
        fireEvent.click(focusOn('Delete One'));
        await settle();
        expect(focused()).toBe('Two');
    });

    it('leaves it on what stands in place of the list where none is left', async () => {
        render(<List from={['One']} />);
        fireEvent.click(focusOn('Done: One'));
        await settle();
        expect(focused()).toBe('Add a row');
    });

    it('goes through one after the other', async () => {
        render(<List />);
        fireEvent.click(focusOn('Done: One'));
        await settle();
        fireEvent.click(document.activeElement as HTMLElement);
        await settle();
        expect(focused()).toBe('Done: Three');
    });

    it('takes nothing from who works elsewhere by then', async () => {
        render(<List />);
        focusOn('One');
        focusOn('Add a row');
        fireEvent.click(screen.getByLabelText('Done: One'));
        await settle();
        expect(focused()).toBe('Add a row');
    });

    it('takes nothing from who went away on purpose', async () => {
        render(<List />);
        focusOn('One').blur();
        await settle();
        fireEvent.click(screen.getByLabelText('Done: One'));
        await settle();
        expect(document.activeElement).toBe(document.body);
    });

    it('goes with the list of tasks across all parts of the page', async () => {
        render(<List isTasks />);
        fireEvent.click(focusOn('Done: Three'));
        await settle();
        expect(focused()).toBe('Done: Two');
    });
});

describe('what has the focus', () => {
    it('has it again once it can be pressed again', async () => {
        render(<List />);
        const button = focusOn('Delete Two');
        fireEvent.click(screen.getByLabelText('busy'));
        button.blur();
        await settle();
        fireEvent.click(screen.getByLabelText('busy'));
        await settle();
        expect(focused()).toBe('Delete Two');
    });

    it('keeps it where the rows only change their order', async () => {
        render(<List />);
        focusOn('Two');
        fireEvent.click(screen.getByLabelText('reverse'));
        await settle();
        expect(focused()).toBe('Two');
    });

    it('gives it to what takes its place, and has it back', async () => {
        render(<Charter />);
        const edit = screen.getByText('Edit');
        edit.focus();
        fireEvent.click(edit);
        await settle();
        expect(focused()).toBe('Why');

        const cancel = screen.getByText('Cancel');
        cancel.focus();
        fireEvent.click(cancel);
        await settle();
        expect(focused()).toBe('Edit');
    });

    it('opens no field under a finger: a phone would open its keyboard', async () => {
        render(<Charter />);
        const edit = screen.getByText('Edit');
        edit.focus();
        fireEvent.pointerDown(edit);
        fireEvent.click(edit);
        await settle();
        expect(document.activeElement).toBe(document.body);
    });

    it('leaves it to what is open above the page', async () => {
        render(
            <>
                <List />
                <div role="dialog" />
            </>,
        );
        focusOn('One');
        fireEvent.click(screen.getByLabelText('clear'));
        await settle();
        expect(document.activeElement).toBe(document.body);
    });
});

/** A choice that hands the focus on to what is chosen in it, as choices of several words do, between two fields. */
function Choice() {
    const [left, setLeft] = useState(0);

    return (
        <main id="content" tabIndex={-1}>
            <div
                role="radiogroup"
                tabIndex={0}
                aria-label="Result"
                onFocus={(event) => {
                    if (event.target === event.currentTarget) {
                        event.currentTarget.querySelector('button')?.focus();
                    }
                }}
            >
                <button
                    type="button"
                    role="radio"
                    aria-checked="false"
                    aria-label="met"
                    tabIndex={-1}
                    onBlur={() => {
                        setLeft(left + 1);
                    }}
                />
            </div>
            <p>left {left} times</p>
            <input aria-label="Why" />
        </main>
    );
}

describe('no trap', () => {
    it('is made of what hands the focus on, and changes the page as it is left', async () => {
        render(<Choice />);
        screen.getByLabelText('Result').focus();
        await settle();
        expect(focused()).toBe('met');
        screen.getByLabelText('Why').focus();
        await settle();
        expect(focused()).toBe('Why');
        expect(screen.getByText('left 1 times')).toBeTruthy();
    });

    it('is made of the end of the page: whoever leaves it by Tab is out', async () => {
        render(<Choice />);
        screen.getByLabelText('Result').focus();
        await settle();
        screen.getByLabelText('met').blur();
        await settle();
        expect(document.activeElement).toBe(document.body);
    });
});

describe('a task whose line is drawn anew elsewhere', () => {
    it('has the focus again, where it was only passed on', async () => {
        render(<List isTasks />);
        fireEvent.click(focusOn('Done: One'));
        await settle();
        expect(focused()).toBe('Done: Two');
        keepFocusOn(1);
        expect(focused()).toBe('Three');
    });

    it('leaves it where one has gone oneself', () => {
        render(<List isTasks />);
        focusOn('Add a row');
        keepFocusOn(1);
        expect(focused()).toBe('Add a row');
    });
});
