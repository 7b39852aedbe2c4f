import { act, fireEvent, renderHook } from '@testing-library/react';
import type { KeyboardEvent } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useAsked } from '../../../resources/js/lib/useAsked';
import { useReadLine } from '../../../resources/js/lib/useReadLine';

const piece = (key: string) => ({ key, kind: 'due', words: key, means: key, choices: [] });
const understood = (...keys: string[]) => ({ lines: [{ title: 'Ring the mill', pieces: keys.map(piece) }] });

const answer = (body: unknown, status = 200) =>
    vi
        .spyOn(globalThis, 'fetch')
        .mockReset()
        .mockImplementation(() => Promise.resolve(new Response(JSON.stringify(body), { status })));

const rest = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
const queryOf = (url: unknown) => new URL(String(url), 'http://loftrin.test').searchParams;

beforeEach(() => {
    vi.useFakeTimers();
});

afterEach(() => {
    vi.useRealTimers();
});

describe('what is understood while one writes', () => {
    it('is asked once one rests, and shown', async () => {
        const fetch = answer(understood('by Friday'));
        const { result, rerender } = renderHook(({ words }) => useReadLine(words), { initialProps: { words: 'Ring' } });
        rerender({ words: 'Ring the mill by Fri' });
        rerender({ words: 'Ring the mill by Friday' });
        await rest(200);

        expect(fetch).toHaveBeenCalledTimes(1);
        expect(queryOf(fetch.mock.calls[0]?.[0]).get('words')).toBe('Ring the mill by Friday');
        expect(result.current.pieces.map(({ key }) => key)).toEqual(['by Friday']);
    });

    it('is nothing of nothing, and nothing is asked', async () => {
        const fetch = answer(understood('by Friday'));
        const { result, rerender } = renderHook(({ words }) => useReadLine(words), { initialProps: { words: 'by Friday' } });
        await rest(200);
        rerender({ words: '  ' });
        await rest(200);

        expect(result.current.pieces).toEqual([]);
        expect(fetch).toHaveBeenCalledTimes(1);
    });

    it('is asked anew without what is refused, by its number and Alt', async () => {
        const fetch = answer(understood('by Friday', '30 min'));
        const { result } = renderHook(() => useReadLine('Ring the mill by Friday, 30 min'));
        await rest(200);
        const press = { altKey: true, code: 'Digit2', preventDefault: vi.fn() };
        act(() => {
            result.current.onKeyDown(press as unknown as KeyboardEvent);
        });
        await rest(200);

        expect(press.preventDefault).toHaveBeenCalled();
        expect(result.current.said.refused).toEqual(['30 min']);
        expect(queryOf(fetch.mock.calls[1]?.[0]).get('refused[0]')).toBe('30 min');
    });

    it('hears no other key, and no number of nothing', async () => {
        answer(understood('by Friday'));
        const { result } = renderHook(() => useReadLine('Ring the mill by Friday'));
        await rest(200);
        const press = { altKey: true, code: 'Digit2', preventDefault: vi.fn() };
        act(() => {
            result.current.onKeyDown(press as unknown as KeyboardEvent);
            result.current.onKeyDown({ ...press, altKey: false, code: 'Digit1' } as unknown as KeyboardEvent);
        });
        expect(press.preventDefault).not.toHaveBeenCalled();
        expect(result.current.said.refused).toEqual([]);
    });

    it('goes along with what was chosen, and is forgotten once it was sent', async () => {
        answer(understood('to Sam'));
        const { result } = renderHook(() => useReadLine('Ring the mill, to Sam'));
        await rest(200);
        act(() => {
            result.current.choose('to Sam', '4');
        });
        expect(result.current.said).toEqual({ refused: [], chosen: { 'to Sam': '4' } });
        act(() => {
            result.current.reset();
        });
        expect(result.current.said).toEqual({ refused: [], chosen: {} });
    });

    it('is silent where the network is gone or the server does not answer, and all stays as it stands', async () => {
        vi.spyOn(globalThis, 'fetch').mockRejectedValue(new Error('no network'));
        const { result } = renderHook(() => useReadLine('Ring the mill by Friday'));
        await rest(200);
        expect(result.current.pieces).toEqual([]);

        answer({}, 500);
        const { result: other } = renderHook(() => useReadLine('Ring the mill by Monday'));
        await rest(200);
        expect(other.current.pieces).toEqual([]);
    });
});

describe('what the server is asked beside what one writes', () => {
    it('is asked once one rests, and the answer of what is no longer asked is dropped', async () => {
        let late: (response: Response) => void = () => undefined;
        vi.spyOn(globalThis, 'fetch')
            .mockReset()
            .mockImplementationOnce(
                () =>
                    new Promise((done) => {
                        late = done;
                    }),
            )
            .mockImplementation(() => Promise.resolve(new Response('"second"')));
        const { result, rerender } = renderHook(({ address }: { address: string | null }) => useAsked(address), {
            initialProps: { address: '/one' },
        });
        await rest(400);
        rerender({ address: '/two' });
        await rest(400);
        late(new Response('"first"'));
        await rest(10);
        expect(result.current).toBe('second');
    });

    it('is nothing while there is nothing to ask', async () => {
        const fetch = answer('x');
        renderHook(() => useAsked(null));
        await rest(400);
        expect(fetch).not.toHaveBeenCalled();
        fireEvent.focus(window);
    });
});
