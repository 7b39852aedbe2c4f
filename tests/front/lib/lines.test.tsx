import { render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useArrowsIntoLists } from '../../../resources/js/lib/focus/lines';
import { useKeys } from '../../../resources/js/lib/keys';
import { strike } from '../hand';

/** A page of two lists with something before, between and behind. */
function Page({ onScroll }: { onScroll?: () => void }) {
    useArrowsIntoLists();

    return (
        // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- hears what is left for the browser to do
        <div
            onKeyUp={(event) => {
                if (!event.defaultPrevented) {
                    onScroll?.();
                }
            }}
        >
            <a href="#before">Before</a>
            <main id="content" tabIndex={-1}>
                <ul>
                    <li data-line>
                        <button type="button">Tick one</button>
                        <a href="#one">One</a>
                    </li>
                    <li data-line>
                        <a href="#two">Two</a>
                    </li>
                    <li data-line>Nothing to go to</li>
                    <li data-line hidden>
                        <a href="#hidden">Hidden</a>
                    </li>
                </ul>
                <input aria-label="Between" />
                <button type="button">Also between</button>
                <ul>
                    <li data-line>
                        <button type="button">Three</button>
                    </li>
                </ul>
                <a href="#behind">Behind</a>
            </main>
        </div>
    );
}

/** Takes one thing after the other, and leaves one with the arrow down. */
function Sorting({ run }: { run: () => void }) {
    useKeys({ ArrowDown: { words: 'Leave it', run } });

    return null;
}

const focused = () => document.activeElement?.textContent;

describe('an arrow', () => {
    it('leads from nowhere to the first line, by what it leads to', () => {
        render(<Page />);
        strike('ArrowDown');
        expect(focused()).toBe('One');
    });

    it('leads from nowhere to the first line in sight, for who has scrolled', () => {
        render(<Page />);
        vi.spyOn(screen.getByText('One').closest('li') as HTMLElement, 'getBoundingClientRect').mockReturnValue({ top: -300 } as DOMRect);
        strike('ArrowDown');
        expect(focused()).toBe('Two');
    });

    it('leads from line to line, past what leads nowhere or is hidden, and over the end of a list', () => {
        render(<Page />);
        const ways = ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowUp', 'ArrowUp'].map((key) => {
            strike(key);

            return focused();
        });
        expect(ways).toEqual(['One', 'Two', 'Three', 'Two', 'One']);
    });

    it('stays at the ends', () => {
        render(<Page />);
        strike('ArrowDown');
        expect(strike('ArrowUp')).toBe(true);
        expect(focused()).toBe('One');
    });

    it('leads on from wherever one is, in reading order', () => {
        render(<Page />);
        screen.getByText('Before').focus();
        strike('ArrowDown');
        expect(focused()).toBe('One');
        screen.getByText('Also between').focus();
        strike('ArrowDown');
        expect(focused()).toBe('Three');
        screen.getByText('Also between').focus();
        strike('ArrowUp');
        expect(focused()).toBe('Two');
    });

    it('is left to a field, to a dialog or menu, and to who heard it already', () => {
        render(<Page />);
        screen.getByLabelText('Between').focus();
        strike('ArrowDown');
        expect(document.activeElement).toBe(screen.getByLabelText('Between'));

        screen.getByText('Before').focus();
        screen.getByText('Before').addEventListener('keydown', (event) => {
            event.preventDefault();
        });
        strike('ArrowDown');
        expect(focused()).toBe('Before');

        const menu = document.createElement('div');
        menu.setAttribute('role', 'menu');
        document.body.append(menu);
        screen.getByText('Behind').focus();
        strike('ArrowUp');
        expect(focused()).toBe('Behind');
        menu.remove();
    });

    it('is left to a page that means something else by it, also where that comes later', () => {
        const { rerender } = render(<Page />);
        const run = vi.fn();
        rerender(
            <>
                <Page />
                <Sorting run={run} />
            </>,
        );
        strike('ArrowDown');
        expect(run).toHaveBeenCalledOnce();
        expect(document.activeElement).toBe(document.body);
        strike('ArrowUp');
        expect(run).toHaveBeenCalledOnce();
    });

    it('with another key means something else', () => {
        render(<Page />);
        ['altKey', 'ctrlKey', 'metaKey', 'shiftKey'].forEach((key) => strike('ArrowDown', { [key]: true }));
        expect(document.activeElement).toBe(document.body);
    });
});
