import { render } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { changedKeys, isSecondPart, keysNow, meaning, singleKeys, useKeys, useKeyWords } from '../../../resources/js/lib/keys';
import { strike } from '../hand';

const heard: string[] = [];

const key = (words: string) => ({
    words,
    run: () => {
        heard.push(words);
    },
});

function Frame() {
    useKeys({
        n: key('Jot'),
        g: key('Grow'),
        'g w': key('Week'),
        'g t': key('Tray'),
        'Ctrl k': key('Find'),
        'Ctrl Shift z': key('Redo'),
        'Ctrl Enter': key('Go on'),
    });

    return <input aria-label="Title" />;
}

const words = { Space: 'Tick the focused task' };

function List() {
    useKeyWords(words);

    return null;
}

beforeEach(() => {
    vi.useFakeTimers();
    // Long after whatever was pressed in the test before.
    vi.setSystemTime(Date.now() + 60_000);
    heard.length = 0;
});

afterEach(() => {
    vi.useRealTimers();
});

describe('a key', () => {
    it('is heard once, whatever has the focus, and keeps the browser from doing something else', () => {
        render(<Frame />);
        expect(strike('n')).toBe(false);
        expect(strike('q')).toBe(true);
        expect(heard).toEqual(['Jot']);
    });

    it('of one letter rests while one types; with Ctrl it is heard there as well', () => {
        const { getByLabelText } = render(<Frame />);
        getByLabelText('Title').focus();
        strike('n');
        strike('k', { ctrlKey: true });
        strike('K', { metaKey: true });
        strike('Enter', { ctrlKey: true });
        expect(heard).toEqual(['Find', 'Find', 'Go on']);
    });

    it('of one letter rests while a dialog or a menu is open', () => {
        render(
            <>
                <Frame />
                <div role="dialog" />
            </>,
        );
        strike('n');
        strike('k', { ctrlKey: true });
        expect(heard).toEqual(['Find']);
    });

    it('means another thing with Shift where it is said so', () => {
        render(<Frame />);
        strike('z', { ctrlKey: true });
        strike('Z', { ctrlKey: true, shiftKey: true });
        expect(heard).toEqual(['Redo']);
    });

    it('with Alt is the browser’s', () => {
        render(<Frame />);
        strike('n', { altKey: true });
        expect(heard).toEqual([]);
    });
});

describe('a key of two parts', () => {
    it('is heard after its first part, and its second is nothing by itself then', () => {
        render(<Frame />);
        strike('g');
        expect(isSecondPart()).toBe(true);
        strike('w');
        expect(isSecondPart()).toBe(false);
        expect(heard).toEqual(['Grow', 'Week']);
    });

    it('does not wait for ever', () => {
        render(<Frame />);
        strike('g');
        vi.advanceTimersByTime(1300);
        strike('t');
        expect(heard).toEqual(['Grow']);
        expect(isSecondPart()).toBe(false);
    });

    it('ends with its second part: that begins no other', () => {
        render(<Frame />);
        strike('g');
        strike('w');
        strike('t');
        expect(heard).toEqual(['Grow', 'Week']);
    });
});

describe('keys of one’s own', () => {
    it('replace the one that was meant, which means nothing then', () => {
        changedKeys.change('n', 'j');
        expect([meaning('j'), meaning('n'), meaning('q')]).toEqual(['n', '', 'q']);
        expect(changedKeys.of('n')).toBe('j');

        render(<Frame />);
        strike('n');
        strike('j');
        expect(heard).toEqual(['Jot']);
    });

    it('are given up by choosing the first one again', () => {
        changedKeys.change('n', 'j');
        changedKeys.change('n', 'n');
        expect(changedKeys.all()).toEqual({});
    });

    it('can be swapped', () => {
        changedKeys.change('n', 'b');
        changedKeys.change('b', 'n');
        expect([meaning('n'), meaning('b')]).toEqual(['b', 'n']);
    });

    it('can be switched off, for who speaks to the machine', () => {
        render(<Frame />);
        singleKeys.turn(false);
        strike('n');
        strike('k', { ctrlKey: true });
        expect(heard).toEqual(['Find']);
        singleKeys.turn(true);
        strike('n');
        expect(heard).toEqual(['Find', 'Jot']);
    });

    it('count until the page is left, in a browser that keeps nothing', () => {
        vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
        singleKeys.turn(false);
        expect(singleKeys.areOn()).toBe(false);
        singleKeys.turn(true);
        expect(singleKeys.areOn()).toBe(true);
    });
});

describe('the page of keys', () => {
    it('says what is heard now, and no more once it is gone', () => {
        const { unmount } = render(
            <>
                <Frame />
                <List />
                <List />
            </>,
        );
        const now = Object.fromEntries(keysNow());
        expect(now).toMatchObject({ n: 'Jot', 'g w': 'Week', Space: 'Tick the focused task' });
        unmount();
        expect(keysNow()).toEqual([]);
    });
});
