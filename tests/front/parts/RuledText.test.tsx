import { act, fireEvent, render, screen } from '@testing-library/react';
import { createRef } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openQueue } from '../../../resources/js/lib/queue/queue';
import { RuledText, type TakeIn } from '../../../resources/js/parts/fields/RuledText';
import { server } from '../server';

const takeIn = createRef<TakeIn>();

const Text = ({ value = '' }: { value?: string }) => (
    <RuledText label="What moved" value={value} url="/reviews/3/answer" payload={(text, was) => ({ text, was })} takeIn={takeIn} />
);

const field = () => screen.getByLabelText<HTMLTextAreaElement>('What moved');
const write = (text: string) => fireEvent.change(field(), { target: { value: text } });
const rest = (ms = 750) => act(() => vi.advanceTimersByTimeAsync(ms));
const kept = () => Object.keys(localStorage).filter((key) => key.startsWith('draft'));
const unsent = () => Object.keys(localStorage).filter((key) => key.startsWith('change'));
const answered = (answer: Promise<unknown> | undefined) =>
    act(async () => {
        await vi.advanceTimersByTimeAsync(1);
        await Promise.all([answer, vi.advanceTimersByTimeAsync(1)]);
    });

let close = () => undefined as unknown;

beforeEach(() => {
    vi.useFakeTimers();
    close = openQueue(1);
});

afterEach(() => {
    close();
    vi.useRealTimers();
});

describe('lines that save by themselves', () => {
    it('are kept from the first key, and sent once one rests', async () => {
        render(<Text value="The buoy." />);
        write('The buoy is wet.');
        expect(kept()).toHaveLength(1);
        expect(server.sent).toEqual([]);
        await rest();
        expect(server.sent.map(({ data }) => data)).toEqual([{ text: 'The buoy is wet.', was: 'The buoy.' }]);
        await answered(server.sent[0]?.takes());
        expect(kept()).toEqual([]);
    });

    it('are sent at once when the field is left, and once', async () => {
        render(<Text />);
        write('The buoy is wet.');
        fireEvent.blur(field());
        await rest();
        expect(server.sent).toHaveLength(1);
    });

    it('keep what is written while they are on their way, and send that next, after what was known', async () => {
        render(<Text />);
        write('One');
        await rest();
        write('One\nTwo');
        await answered(server.sent[0]?.takes());
        await rest();
        expect(server.sent.map(({ data }) => data)).toEqual([
            { text: 'One', was: '' },
            { text: 'One\nTwo', was: 'One' },
        ]);
        expect(server.sent[0]?.headers['Idempotency-Key']).not.toBe(server.sent[1]?.headers['Idempotency-Key']);
    });

    it('stay while the server is in trouble, and what is written meanwhile goes as one, after what was known', async () => {
        render(<Text />);
        write('One');
        await rest();
        await answered(server.sent[0]?.breaks(503, 'Loftrin is being updated.'));
        write('One\nTwo');
        await rest();
        write('One\nTwo\nThree');
        await rest(4100);
        expect(server.sent.map(({ data }) => data)).toEqual([
            { text: 'One', was: '' },
            { text: 'One', was: '' },
        ]);
        expect(server.sent[1]?.headers['Idempotency-Key']).toBe(server.sent[0]?.headers['Idempotency-Key']);
        expect(field().value).toBe('One\nTwo\nThree');
        await answered(server.sent[1]?.takes());
        await rest();
        expect(server.sent.at(-1)?.data).toEqual({ text: 'One\nTwo\nThree', was: 'One' });
    });

    it('are not sent again by themselves where what they are about is gone, and are listed to be copied', async () => {
        render(<Text />);
        write('One');
        await rest();
        await answered(server.sent[0]?.breaks(404, 'This no longer exists.'));
        await rest(9000);
        expect(server.sent).toHaveLength(1);
        expect(unsent()).toHaveLength(1);
    });

    it('stand beside what somebody else wrote, and replace that only knowingly', async () => {
        const { rerender } = render(<Text value="By nobody." />);
        write('By Noor.');
        rerender(<Text value="By Elif." />);
        expect(field().value).toBe('By Noor.');
        await rest();
        await answered(
            server.sent[0]?.refuses({ text: 'Somebody changed this to “By Elif.” while you were writing.' }, { text: 'By Elif.' }),
        );
        expect(screen.getByRole('alert').textContent).toContain('By Elif.');
        expect(field().value).toBe('By Noor.');
        fireEvent.blur(field());
        await rest();
        expect(server.sent).toHaveLength(1);
        write('By Noor and Elif.');
        await rest();
        expect(server.sent.at(-1)?.data).toEqual({ text: 'By Noor and Elif.', was: 'By Elif.' });
    });

    it('take in what others write, as long as nothing of one’s own is unsaved', () => {
        const { rerender } = render(<Text value="By nobody." />);
        rerender(<Text value="By Elif." />);
        expect(field().value).toBe('By Elif.');
    });

    it('survive a reload', () => {
        const { unmount } = render(<Text value="The buoy." />);
        server.answers = 'not at all';
        write('The buoy is');
        unmount();
        render(<Text value="The buoy." />);
        expect(field().value).toBe('The buoy is');
    });

    it('go on by themselves where the field goes away with words that are not saved', () => {
        server.answers = 'not at all';
        const { unmount } = render(<Text />);
        write('One');
        unmount();
        expect(unsent()).toHaveLength(1);
        expect(kept()).toEqual([]);
    });
});

describe('a line that is taken in', () => {
    it('stands below the one on which one writes', () => {
        render(<Text value={'One\nTwo\nThree'} />);
        field().setSelectionRange(1, 1);
        fireEvent.select(field());
        act(() => {
            takeIn.current?.('From the week');
        });
        expect(field().value).toBe('One\nFrom the week\nTwo\nThree');
        act(() => {
            takeIn.current?.('And the day');
        });
        expect(field().value).toBe('One\nFrom the week\nAnd the day\nTwo\nThree');
    });

    it('is the first of an empty text, and fills an empty line', () => {
        render(<Text />);
        act(() => {
            takeIn.current?.('One');
        });
        expect(field().value).toBe('One');
        write('One\n');
        field().setSelectionRange(4, 4);
        fireEvent.select(field());
        act(() => {
            takeIn.current?.('Two');
        });
        expect(field().value).toBe('One\nTwo');
    });
});
