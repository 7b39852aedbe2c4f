import { act, fireEvent, render, screen } from '@testing-library/react';
import { createRef } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openOutbox } from '../../../resources/js/lib/kept/outbox';
import { RuledText, type TakeIn } from '../../../resources/js/parts/RuledText';
import { server } from '../server';

const takeIn = createRef<TakeIn>();

const Text = ({ value = '' }: { value?: string }) => (
    <RuledText label="What moved" value={value} url="/reviews/3/answer" payload={(text, was) => ({ text, was })} takeIn={takeIn} />
);

const field = () => screen.getByLabelText<HTMLTextAreaElement>('What moved');
const write = (text: string) => fireEvent.change(field(), { target: { value: text } });
const rest = (ms = 750) => act(() => vi.advanceTimersByTimeAsync(ms));
const kept = () => Object.keys(localStorage).filter((key) => key.startsWith('text'));
const unsent = () => Object.keys(localStorage).filter((key) => key.startsWith('unsent'));
const answered = (answer: Promise<unknown>) =>
    act(async () => {
        await vi.advanceTimersByTimeAsync(1);
        await Promise.all([answer, vi.advanceTimersByTimeAsync(1)]);
    });

beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] });
});

afterEach(() => {
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
        await answered(server.sent[0]?.takes() ?? Promise.resolve());
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
        await answered(server.sent[0]?.takes() ?? Promise.resolve());
        await rest();
        expect(server.sent.map(({ data }) => data)).toEqual([
            { text: 'One', was: '' },
            { text: 'One\nTwo', was: 'One' },
        ]);
        expect(server.sent[0]?.headers['Idempotency-Key']).not.toBe(server.sent[1]?.headers['Idempotency-Key']);
    });

    it('say why a server in trouble saved nothing, stay, and try again under the same key', async () => {
        render(<Text />);
        write('One');
        await rest();
        await answered(server.sent[0]?.breaks(503, 'Nothing was saved: the disk is full.') ?? Promise.resolve());
        expect(screen.getByRole('alert').textContent).toBe('Nothing was saved: the disk is full.');
        expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe('One');
        await rest(4100);
        expect(server.sent.map(({ headers }) => headers['Idempotency-Key'])).toEqual(
            Array(2).fill(server.sent[0]?.headers['Idempotency-Key']),
        );
        await answered(server.sent[1]?.takes() ?? Promise.resolve());
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('say that what they are about is gone, and are not sent again by themselves', async () => {
        render(<Text />);
        write('One');
        await rest();
        await answered(server.sent[0]?.breaks(404, 'This no longer exists.') ?? Promise.resolve());
        expect(screen.getByRole('alert').textContent).toBe('This no longer exists.');
        await rest(9000);
        expect(server.sent).toHaveLength(1);
    });

    it('say that the network is gone, and try again under the same key', async () => {
        render(<Text />);
        write('One');
        await rest();
        await answered(server.sent[0]?.isGone() ?? Promise.resolve());
        expect(screen.getByRole('alert').textContent).toContain('kept here and saved when the connection is back');
        await rest(4100);
        expect(server.sent).toHaveLength(2);
        expect(server.sent[1]?.headers['Idempotency-Key']).toBe(server.sent[0]?.headers['Idempotency-Key']);
        await answered(server.sent[1]?.takes() ?? Promise.resolve());
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('stand beside what somebody else wrote, and replace that only knowingly', async () => {
        const { rerender } = render(<Text value="By nobody." />);
        write('By Noor.');
        rerender(<Text value="By Elif." />);
        expect(field().value).toBe('By Noor.');
        await rest();
        await answered(
            server.sent[0]?.refuses({ text: 'Somebody changed this to “By Elif.” while you were writing.' }) ?? Promise.resolve(),
        );
        expect(screen.getByRole('alert').textContent).toContain('By Elif.');
        expect(field().value).toBe('By Noor.');
        fireEvent.blur(field());
        await rest();
        expect(server.sent.at(-1)?.data).toEqual({ text: 'By Noor.', was: 'By Elif.' });
    });

    it('take in what others write, as long as nothing of one’s own is unsaved', () => {
        const { rerender } = render(<Text value="By nobody." />);
        rerender(<Text value="By Elif." />);
        expect(field().value).toBe('By Elif.');
    });

    it('survive a reload', () => {
        const { unmount } = render(<Text value="The buoy." />);
        write('The buoy is');
        const [key = ''] = kept();
        const stored = localStorage.getItem(key) ?? '';
        unmount();
        localStorage.setItem(key, stored);
        render(<Text value="The buoy." />);
        expect(field().value).toBe('The buoy is');
    });

    it('go on by themselves where the field goes away with words that are not saved', () => {
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        openOutbox(1);
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
