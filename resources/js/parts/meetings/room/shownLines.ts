import type { LineRow } from '../../../generated/props';

export interface ShownLine extends Omit<LineRow, 'id'> {
    /** Null while only this browser has it. */
    id: number | null;
}

/** What the server has, with what was written here since; what it does not have yet comes last. */
export function shownLines(there: LineRow[], kept: { key: string; words: string; version: number }[]): ShownLine[] {
    const mine = new Map(kept.map((line) => [line.key, line]));

    return [
        ...there.map((line) => {
            const own = mine.get(line.key);

            return own !== undefined && own.version > line.version
                ? { ...line, words: own.words, version: own.version, correctedBy: null }
                : line;
        }),
        ...kept
            .filter((line) => !there.some(({ key }) => key === line.key))
            .map(({ key, words, version }) => ({
                id: null,
                key,
                words,
                version,
                who: null,
                at: '',
                isMine: true,
                became: null,
                correctedBy: null,
            })),
    ];
}
