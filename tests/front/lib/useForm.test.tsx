import { act, fireEvent, render, screen } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openOutbox } from '../../../resources/js/lib/kept/outbox';
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
        .filter((key) => key.startsWith('unsent'))
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
        expect(drafts()).toHaveLength(1);

        await act(() => sent.takes());
        expect(drafts()).toEqual([]);
        expect(isChanged()).toBe(false);
    });

    describe('whose answer is lost with its page', () => {
        const cutOff = async (as: { why?: string } = {}) => {
            const { unmount } = render(<Charter />);
            write(why(), 'Ice.');
            save();
            await server.last();
            unmount();
            // With the page goes whoever waited for the answer.
            await server.end();

            return render(<Charter {...as} />);
        };

        it('is saved once the server shows it', async () => {
            await cutOff({ why: 'Ice.' });
            expect(isChanged()).toBe(false);
            expect(drafts()).toEqual([]);
        });

        it('is one’s own and nobody else’s where one goes on writing', async () => {
            await cutOff({ why: 'Ice.' });
            write(why(), 'Ice, and early.');
            save();
            expect((await server.nth(2)).data).toEqual({ why: 'Ice, and early.', seen: { why: 'Ice.' } });
        });

        it('is so also where it arrives after the page was opened again', async () => {
            const { rerender } = await cutOff();
            expect(isChanged()).toBe(true);
            write(why(), 'Ice, and early.');
            rerender(<Charter why="Ice." />);
            save();
            expect((await server.nth(2)).data).toEqual({ why: 'Ice, and early.', seen: { why: 'Ice.' } });
        });

        it('is sent again where it never arrived, and stands beside what somebody else wrote', async () => {
            const { rerender } = await cutOff();
            rerender(<Charter why="Fog." />);
            save();
            expect((await server.nth(2)).data).toEqual({ why: 'Ice.', seen: { why: '' } });
        });
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
        await act(() => first.refuses({ why: 'Somebody changed this to “By Elif.” while you were writing.' }));
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
        openOutbox(1);
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        render(<Charter why="Because." />);
        write(why(), 'Ice.');
        save();
        await server.last();
        write(why(), 'Ice, early.');
        save();

        expect(unsent().map(({ data }) => data)).toEqual([
            { why: 'Ice.', seen: { why: 'Because.' } },
            { why: 'Ice, early.', seen: { why: 'Ice.' } },
        ]);
    });

    it('stays as saved where the answer of what it overtook comes after all', async () => {
        openOutbox(1);
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        render(<Charter why="Because." />);
        write(why(), 'Ice.');
        save();
        const first = await server.last();
        write(why(), 'Ice, early.');
        save();
        await act(() => first.takes());

        expect(screen.getByText('as saved')).toBeTruthy();
        expect(unsent()).toHaveLength(2);
    });

    it('waits for the network under the key that it had, and the form goes on as if it were saved', async () => {
        openOutbox(1);
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        const onSaved = vi.fn();
        render(<Charter onSaved={onSaved} />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        await act(() => sent.isGone());

        expect(onSaved).toHaveBeenCalledOnce();
        expect(isChanged()).toBe(false);
        expect(unsent()).toMatchObject([
            { id: sent.headers['Idempotency-Key'], method: 'put', url: '/projects/3/charter', text: 'Ice.', place: 'charter of 3' },
        ]);
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
    const held = () => Object.keys(localStorage).filter((key) => key.startsWith('sent'));

    it('is free at once, and what was written is kept until the server has it', async () => {
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        expect(why().value).toBe('');
        expect(drafts()).toEqual([]);
        expect(held()).toHaveLength(1);

        const sent = await server.last();
        expect(sent.data).toEqual({ why: 'Ask the diver', limits: '', project: 3 });
        await act(() => sent.takes());
        expect(held()).toEqual([]);
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
        expect(held()).toEqual([]);
    });

    it('leaves what is written by then, and shows what was refused to be copied', async () => {
        openOutbox(1);
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
        openOutbox(1);
        const { unmount } = render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        unmount();
        await act(() => sent.refuses({ why: 'Who does it?' }));

        expect(unsent()).toMatchObject([{ text: 'Ask the diver', refused: 'Who does it?' }]);
        expect(held()).toEqual([]);
    });

    it('waits for the network under its key', async () => {
        openOutbox(1);
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        await act(() => sent.isGone());

        expect(unsent()).toMatchObject([{ id: sent.headers['Idempotency-Key'], url: '/lines', text: 'Ask the diver' }]);
        expect(held()).toEqual([]);
    });

    it('is sent by the next page, under the same key, where this one is left before the answer', async () => {
        openOutbox(1);
        const { unmount } = render(<Charter />);
        write(why(), 'Ask the diver');
        add();
        const sent = await server.last();
        unmount();

        const fetch = vi.spyOn(globalThis, 'fetch').mockResolvedValue(new Response('{}'));
        openOutbox(1);
        await vi.waitFor(() => {
            expect(fetch).toHaveBeenCalledOnce();
        });
        const [url, init] = fetch.mock.calls[0] ?? [];
        expect(url).toBe('/lines');
        expect(new Headers(init?.headers).get('Idempotency-Key')).toBe(sent.headers['Idempotency-Key']);
        expect(held()).toEqual([]);
    });
});

describe('a server that answers with no page', () => {
    const gone = 'This no longer exists, or you no longer have access to it. Nothing was saved.';

    it.each([503, 500, 401, 419, 429])(
        'with %i leaves the text in its form, to be saved by the next press under the same key',
        async (status) => {
            render(<Charter />);
            write(why(), 'Ice.');
            save();
            const first = await server.last();
            await act(() => first.breaks(status, 'Nothing was saved.'));
            expect([why().value, isChanged(), drafts().length, unsent()]).toEqual(['Ice.', true, 1, []]);

            save();
            const second = await server.nth(2);
            expect(second.headers).toEqual(first.headers);
            await act(() => second.takes());
            expect([isChanged(), drafts()]).toEqual([false, []]);
        },
    );

    it.each([403, 404])('with %i shows what can only be copied now', async (status) => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        await act(async () => (await server.last()).breaks(status, gone));
        expect(why().value).toBe('Ice.');
        expect(unsent()).toMatchObject([{ text: 'Ice.', refused: gone }]);
    });

    it('gives a line back to its form where it was refused', async () => {
        render(<Charter />);
        write(why(), 'Tell Kai.');
        fireEvent.click(screen.getByText('Next'));
        await act(async () => (await server.last()).breaks(429, 'Wait a minute.'));
        expect([why().value, unsent()]).toEqual(['Tell Kai.', []]);
    });

    it('shows a line whose place is gone, to be copied', async () => {
        render(<Charter />);
        write(why(), 'Tell Kai.');
        fireEvent.click(screen.getByText('Next'));
        await act(async () => (await server.last()).breaks(404, gone));
        expect(why().value).toBe('');
        expect(unsent()).toMatchObject([{ text: 'Tell Kai.', refused: gone }]);
    });

    it('sends a line again under its key where it may have arrived', async () => {
        render(<Charter />);
        write(why(), 'Tell Kai.');
        fireEvent.click(screen.getByText('Next'));
        const sent = await server.last();
        await act(() => sent.breaks(502, 'Bad gateway'));
        expect(unsent()).toMatchObject([{ id: sent.headers['Idempotency-Key'], text: 'Tell Kai.' }]);
    });
});

describe('a browser that keeps nothing', () => {
    beforeEach(() => {
        vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
    });

    it('still lets one write and save', async () => {
        render(<Charter />);
        write(why(), 'Ice.');
        save();
        const sent = await server.last();
        expect(sent.data).toEqual({ why: 'Ice.', seen: { why: '' } });
    });
});
