import { act, fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { openQueue } from '../../../resources/js/lib/queue/queue';
import { useForm } from '../../../resources/js/lib/kept/useForm';
import { server } from '../server';

interface Props {
    name?: string;
    why?: string;
    limits?: string;
    onSaved?: () => void;
}

/** A form of two fields that changes a record, or makes one. */
function Charter({ name = 'charter of 3', why = '', limits = '', onSaved }: Props) {
    const form = useForm(name, { why, limits });
    const options = onSaved === undefined ? {} : { onSuccess: onSaved };

    return (
        <form
            onSubmit={(event) => {
                event.preventDefault();
                form.put('/projects/3/charter', options);
            }}
        >
            <textarea
                aria-label="Why"
                value={form.data.why}
                onChange={(event) => {
                    form.setData('why', event.target.value);
                }}
            />
            <textarea
                aria-label="Limits"
                value={form.data.limits}
                onChange={(event) => {
                    form.setData('limits', event.target.value);
                }}
            />
            <button type="submit">Save</button>
            <button
                type="button"
                onClick={() => {
                    form.post('/lines', { as: (data) => ({ ...data, project: 3 }), onSuccess: form.reset });
                }}
            >
                Add
            </button>
            <button
                type="button"
                onClick={() => {
                    form.add('/lines', { as: (data) => ({ ...data, project: 3 }), frees: ['why'] });
                }}
            >
                Next
            </button>
            <button
                type="button"
                onClick={() => {
                    form.reset();
                }}
            >
                Cancel
            </button>
            <output>{form.isDirty ? 'changed' : 'as saved'}</output>
            {Object.values(form.errors).map((error) => (
                <p key={error}>{error}</p>
            ))}
        </form>
    );
}

const why = () => screen.getByLabelText<HTMLTextAreaElement>('Why');
const limits = () => screen.getByLabelText<HTMLTextAreaElement>('Limits');
const write = (field: HTMLElement, value: string) => fireEvent.change(field, { target: { value } });
const save = () => fireEvent.click(screen.getByText('Save'));
const isChanged = () => screen.getByRole('status').textContent === 'changed';
const drafts = () => Object.keys(localStorage).filter((key) => key.startsWith('draft'));
const unsent = () =>
    Object.keys(localStorage)
        .filter((key) => key.startsWith('change'))
        .map((key) => (JSON.parse(localStorage.getItem(key) ?? '{}') as { value: Record<string, unknown> }).value);

describe('what is typed', () => {
    it('is kept from the first key, and stands in the form again after it was closed', () => {
        const { unmount } = render(<Charter why="Because." />);
        write(why(), 'Because of the');
        expect(drafts()).toEqual(['draft 1 charter of 3']);
        unmount();

        render(<Charter why="Because." />);
        expect(why().value).toBe('Because of the');
        expect(isChanged()).toBe(true);
    });

    it('is another form’s where that has another name', () => {
        const { unmount } = render(<Charter />);
        write(why(), 'Ice.');
        unmount();

        render(<Charter name="charter of 4" />);
        expect(why().value).toBe('');
    });

    it('is not kept once it is as it was', () => {
        render(<Charter why="Because." />);
        write(why(), 'Because of');
        write(why(), 'Because.');
        expect(drafts()).toEqual([]);
        expect(isChanged()).toBe(false);
    });

    it('goes with what was cancelled, on purpose', () => {
        render(<Charter why="Because." />);
        write(why(), 'Ice.');
        fireEvent.click(screen.getByText('Cancel'));
        expect(why().value).toBe('Because.');
        expect(drafts()).toEqual([]);
    });

    it('is kept until the server has it, not until it was sent', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        expect(unsent()).toMatchObject([{ data: { why: 'Ice.', seen: { why: '' } } }]);
        expect(why().value).toBe('Ice.');

        await act(() => sent.takes());
        expect([drafts(), unsent(), isChanged()]).toEqual([[], [], false]);
    });

    it('is one’s own and nobody else’s after its page was left before the answer came, wherever that is by then', async () => {
        const { unmount } = render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        unmount();
        const { rerender } = render(<Charter />);
        expect(why().value).toBe('Ice.');
        expect(isChanged()).toBe(false);

        write(why(), 'Ice, and early.');
        await act(() => sent.takes());
        rerender(<Charter why="Ice." />);
        save();
        expect((await server.nth(2)).data).toEqual({ why: 'Ice, and early.', seen: { why: 'Ice.' } });
    });

    it('stands in its field, and stays kept, where the server refuses it', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        await act(() => sent.refuses({ why: 'This project was closed.' }));

        expect(why().value).toBe('Ice.');
        expect(drafts()).toHaveLength(1);
        expect(screen.getByText('This project was closed.')).toBeTruthy();
    });

    it('since it was sent stays one’s own when the answer comes', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        write(why(), 'Ice, early.');
        await act(() => sent.takes());

        expect(why().value).toBe('Ice, early.');
        expect(isChanged()).toBe(true);
        expect(drafts()).toHaveLength(1);
    });
});

describe('what others change', () => {
    it('comes in where nothing of one’s own stands, and leaves what does', () => {
        const { rerender } = render(<Charter why="Because." limits="None." />);
        write(why(), 'Ice.');
        rerender(<Charter why="Because of Elif." limits="Three boats." />);

        expect(why().value).toBe('Ice.');
        expect(limits().value).toBe('Three boats.');
    });

    it('is sent along as what was seen, field by field, and what was not changed is not sent', async () => {
        render(<Charter why="Because." limits="None." />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();

        expect(sent.method).toBe('put');
        expect(sent.data).toEqual({ why: 'Ice.', seen: { why: 'Because.' } });
    });

    it('and is refused for it is seen from then on: to save again is to decide', async () => {
        const { rerender } = render(<Charter why="Because." />);
        write(why(), 'Ice.');
        save();
        const first = await server.last();
        rerender(<Charter why="By Elif." />);
        await act(() => first.refuses({ why: 'Somebody changed this to “By Elif.” while you were writing.' }, { why: 'By Elif.' }));
        save();

        const again = await server.nth(2);
        expect(again.data).toEqual({ why: 'Ice.', seen: { why: 'By Elif.' } });
        expect(again.headers['Idempotency-Key']).not.toBe(first.headers['Idempotency-Key']);
    });
});

describe('what is sent', () => {
    it('is sent once, however often one presses', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        save();
        const sent = await server.last();
        save();
        await act(() => sent.takes());

        expect(server.sent).toHaveLength(1);
        expect(unsent()).toEqual([]);
    });

    it('is nothing where nothing was changed by a later press either', async () => {
        render(<Charter why="Because." />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        await act(() => sent.takes());
        save();
        const again = await server.nth(2);
        expect(again.data).toEqual({ seen: {} });
    });

    it('waits behind what the server has not answered, so that one’s own words are not taken for somebody else’s', async () => {
        render(<Charter why="Because." />);
        write(why(), 'Ice.');
        save();
        await server.last();
        write(why(), 'Ice, early.');
        save();
        expect(screen.getByText('as saved')).toBeTruthy();
        expect(unsent().map(({ data }) => data)).toEqual([
            { why: 'Ice.', seen: { why: 'Because.' } },
            { why: 'Ice, early.', seen: { why: 'Ice.' } },
        ]);
    });

    it('waits for the network under the key that it had, and the form goes on as if it were saved, once', async () => {
        const onSaved = vi.fn();
        render(<Charter onSaved={onSaved} />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        await act(() => sent.isGone());

        expect(onSaved).toHaveBeenCalledOnce();
        expect(isChanged()).toBe(false);
        expect(unsent()).toMatchObject([{ key: sent.headers['Idempotency-Key'], method: 'put', url: '/projects/3/charter', text: 'Ice.' }]);
    });

    it('of a new record is all of it, with what the place says, and the line is free again', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        fireEvent.click(screen.getByText('Add'));
        const sent = await server.last();
        expect(sent.data).toEqual({ why: 'Ask the diver', limits: '', project: 3 });
        await act(() => sent.takes());

        expect(why().value).toBe('');
        expect(drafts()).toEqual([]);
    });

    it('has a key of its own each time, and the same one while the same words are tried again', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        fireEvent.click(screen.getByText('Add'));
        const first = await server.last();
        await act(() => first.takes());
        write(why(), 'Ask the diver');
        fireEvent.click(screen.getByText('Add'));
        const second = await server.nth(2);

        expect(second.headers['Idempotency-Key']).not.toBe(first.headers['Idempotency-Key']);
    });
});

describe('a line on which the next thing is written', () => {
    const add = () => fireEvent.click(screen.getByText('Next'));

    it('is free at once, and what was written is kept until the server has it', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        expect(why().value).toBe('');
        expect(drafts()).toEqual([]);
        expect(unsent()).toHaveLength(1);

        const sent = await server.last();
        expect(sent.data).toEqual({ why: 'Ask the diver', limits: '', project: 3 });
        await act(() => sent.takes());
        expect(unsent()).toEqual([]);
    });

    it('keeps what else is chosen beside it', async () => {
        render(<Charter />);
        write(limits(), 'Three boats.');
        write(why(), 'Ask the diver');
        add();
        await server.last();

        expect(limits().value).toBe('Three boats.');
        expect(why().value).toBe('');
    });

    it('takes the next while the first is on its way, one after the other, and loses no letter of either', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        write(why(), 'Ask the harbour');
        const first = await server.nth(1);
        await act(() => first.takes());
        expect(why().value).toBe('Ask the harbour');
        add();

        const second = await server.nth(2);
        expect(second.data.why).toBe('Ask the harbour');
        expect(second.headers['Idempotency-Key']).not.toBe(first.headers['Idempotency-Key']);
    });

    it('takes the same words twice where they are meant twice', async () => {
        render(<Charter />);

        for (const place of [1, 2]) {
            write(why(), 'Ask the diver');
            add();
            await act(async () => {
                await (await server.nth(place)).takes();
            });
        }

        expect(server.sent.map(({ data }) => data.why)).toEqual(['Ask the diver', 'Ask the diver']);
    });

    it('has the words again where they are refused', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        await act(() => sent.refuses({ why: 'Who does it?' }));

        expect(why().value).toBe('Ask the diver');
        expect(screen.getByText('Who does it?')).toBeTruthy();
        expect(drafts()).toHaveLength(1);
    });

    it('leaves what is written by then, and shows what was refused to be copied', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        write(why(), 'Ask the harbour');
        const sent = await server.last();
        await act(() => sent.refuses({ why: 'Who does it?' }));

        expect(why().value).toBe('Ask the harbour');
        expect(screen.queryByText('Who does it?')).toBeNull();
        expect(unsent()).toMatchObject([{ text: 'Ask the diver', refused: 'Who does it?' }]);
    });

    it('is shown wherever one is by then, where it is refused after its page was left', async () => {
        const { unmount } = render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        unmount();
        await act(() => sent.refuses({ why: 'Who does it?' }));

        expect(unsent()).toMatchObject([{ text: 'Ask the diver', refused: 'Who does it?' }]);
    });

    it('waits for the network under its key', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        await act(() => sent.isGone());
        expect(unsent()).toMatchObject([{ key: sent.headers['Idempotency-Key'], url: '/lines', text: 'Ask the diver' }]);
    });

    it('is sent by the next page, under the same key, where this one is left before the answer', async () => {
        const { unmount } = render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        unmount();
        openQueue(0)();
        const close = openQueue(1);
        const again = await server.nth(2);
        expect(again.url).toBe('/lines');
        expect(again.headers['Idempotency-Key']).toBe(sent.headers['Idempotency-Key']);
        await again.takes();
        expect(unsent()).toEqual([]);
        close();
    });
});

describe('a server that answers with no page', () => {
    const gone = 'This no longer exists, or you no longer have access to it. Nothing was saved.';

    it.each([503, 502, 401, 419, 429])('with %i is asked again under the same key, and the form goes on', async (status) => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const first = await server.last();
        await act(() => first.breaks(status, 'Nothing was saved.'));
        expect([why().value, isChanged(), unsent().length]).toEqual(['Ice.', false, 1]);
    });

    it('that failed gives the words back to be saved again, under another key', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const first = await server.last();
        await act(() => first.breaks(500, 'Something went wrong.'));
        expect([why().value, isChanged(), drafts().length, unsent()]).toEqual(['Ice.', true, 1, []]);
        save();
        expect((await server.nth(2)).headers['Idempotency-Key']).not.toBe(first.headers['Idempotency-Key']);
    });

    it.each([403, 404])('with %i shows what can only be copied now', async (status) => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        await act(async () => (await server.last()).breaks(status, gone));
        expect(why().value).toBe('Ice.');
        expect(unsent()).toMatchObject([{ text: 'Ice.', refused: gone }]);
    });

    it('says so where it was written', async () => {
        render(<Charter />);
        write(limits(), 'Three boats.');
        save();
        await act(async () => (await server.last()).breaks(413, 'This is larger than the limit.'));
        expect(screen.getByText('This is larger than the limit.')).toBeTruthy();
    });

    it('gives a line back where the server failed at it', async () => {
        render(<Charter />);
        write(why(), 'Tell Kai.');
        fireEvent.click(screen.getByText('Next'));
        await act(async () => (await server.last()).breaks(500, 'Something went wrong.'));
        expect([why().value, unsent()]).toEqual(['Tell Kai.', []]);
    });
});

describe('a browser that keeps nothing', () => {
    it('still lets one write and save', async () => {
        vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        expect(sent.data).toEqual({ why: 'Ice.', seen: { why: '' } });
    });
});
