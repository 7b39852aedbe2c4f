import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import {
    flushLines,
    forgetLine,
    type KeptLine,
    openLines,
    settleLines,
    unsentLines,
    useKeptLines,
    writeLine,
} from '../../../resources/js/lib/kept/lines';
import { openQueue } from '../../../resources/js/lib/queue/queue';
import { server } from '../server';

const ITEM = 5;

const sent = () => server.sent.map(({ data }) => data);
const rest = (ms = 600) => act(() => vi.advanceTimersByTimeAsync(ms));
const lines = () => renderHook(() => useKeptLines(ITEM)).result.current;
const wordsOf = (all: KeptLine[]) => all.map(({ words }) => words);

let close = () => undefined as unknown;

beforeEach(() => {
    vi.useFakeTimers();
    openLines(0)();
    close = openQueue(1);
    openLines(1);
    server.answers = 'at once';
});

afterEach(() => {
    close();
    vi.useRealTimers();
});

describe('a line of notes', () => {
    it('is kept from its first key, and sent once one rests', async () => {
        writeLine(ITEM, 'a', 'Two', 'new');
        writeLine(ITEM, 'a', 'Two boats', 'new');
        expect(wordsOf(lines())).toEqual(['Two boats']);
        expect(unsentLines()).toBe(1);
        await rest();
        expect(sent()).toEqual([{ key: 'a', words: 'Two boats', version: 2 }]);
        expect(unsentLines()).toBe(0);
    });

    it('is sent at once when it is finished', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'done');
        await rest(0);
        expect(sent()).toHaveLength(1);
    });

    it('counts its texts on from what the server showed, and not where nothing was changed', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'edited', 7);
        writeLine(ITEM, 'a', 'Two boats', 'done', 7);
        await rest();
        expect(sent()).toEqual([{ key: 'a', words: 'Two boats', version: 8 }]);
    });

    it('is of its own item', () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        writeLine(6, 'b', 'Three', 'new');
        expect(wordsOf(lines())).toEqual(['Two boats']);
    });

    it('is shown until the server shows it as it is here, or newer', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'done');
        await rest();
        settleLines(ITEM, [{ key: 'a', version: 0 }]);
        expect(lines()).toHaveLength(1);
        settleLines(6, [{ key: 'a', version: 1 }]);
        expect(lines()).toHaveLength(1);
        settleLines(ITEM, [{ key: 'a', version: 1 }]);
        expect(lines()).toHaveLength(0);
    });

    it('stays while it is still being written, whatever the server shows', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        await rest();
        settleLines(ITEM, [{ key: 'a', version: 9 }]);
        expect(lines()).toHaveLength(1);
    });

    it('is forgotten with what was not sent of it', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        forgetLine('a');
        await rest();
        expect(lines()).toEqual([]);
        expect(sent()).toEqual([]);
    });

    it('is sent as it is when the page is left', async () => {
        writeLine(ITEM, 'a', 'Two bo', 'new');
        window.dispatchEvent(new Event('pagehide'));
        await rest(0);
        expect(sent()).toEqual([{ key: 'a', words: 'Two bo', version: 1 }]);
    });

    it('is sent in its last state alone, where it grew while the network was gone', async () => {
        server.answers = 'not at all';
        writeLine(ITEM, 'a', 'Two', 'new');
        await rest();
        writeLine(ITEM, 'a', 'Two boats', 'new');
        await rest();
        writeLine(ITEM, 'a', 'Two boats, not three', 'done');
        await rest();
        server.answers = 'at once';
        await rest(5000);
        expect(sent().map(({ words }) => words)).toEqual(['Two boats, not three']);
    });

    it('comes back after a reload, finished unless it was the one being written', async () => {
        server.answers = 'not at all';
        writeLine(ITEM, 'a', 'Two boats', 'edited', 3);
        writeLine(ITEM, 'b', 'half a li', 'new');
        openLines(1);
        expect(lines().map(({ words, state }) => [words, state])).toEqual([
            ['Two boats', 'done'],
            ['half a li', 'new'],
        ]);
        await rest();
        expect(unsentLines()).toBe(2);
    });

    it('is not taken from another page that is open, until that was left a while ago', () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        sessionStorage.setItem('page', 'another');
        openLines(1);
        expect(lines()).toEqual([]);
        vi.setSystemTime(Date.now() + 16_000);
        openLines(1);
        expect(wordsOf(lines())).toEqual(['Two boats']);
    });

    it('is nobody else’s', () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        openLines(2);
        expect(lines()).toEqual([]);
    });

    it('goes when it is asked to, once', async () => {
        writeLine(ITEM, 'a', 'Two boats', 'new');
        flushLines();
        flushLines();
        await rest();
        expect(sent()).toHaveLength(1);
    });
});
