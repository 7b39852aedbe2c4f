import { clsx } from 'clsx';
import type { PieceKind, ReadPiece } from '../../generated/props';
import { dayWords, hoursWords, nearWords, plannedWords } from '../../lib/dates';
import type { Reading } from '../../lib/useReadLine';
import { rankWords } from '../../lib/words';

const labels: Record<PieceKind, string> = {
    done: 'Done',
    due: 'Due',
    planned: 'Do it',
    time: 'At',
    rhythm: 'Comes back',
    minutes: 'Takes',
    for: 'For',
    owner: 'Handed to',
    with: 'With',
    waiting_for: 'Waiting for',
    follow_up: 'Follow up',
    rank: 'Waiting',
    focus: 'Focus needed',
    shelf: 'Shelf',
    private: 'Visible to',
    meeting: 'Issue for',
    return_on: 'Back on',
};

/** What was understood of a line, each with the words it came from. One press, or Alt and its number, refuses it. */
export function Understood({ reading }: { reading: Reading }) {
    return (
        <ul aria-label="Understood" aria-live="polite" className="flex flex-wrap gap-x-6 gap-y-1 text-xs empty:hidden">
            {reading.pieces.map((piece, place) => (
                <li key={piece.key} className="min-h-6 py-1">
                    <span className="text-ink-2">{labels[piece.kind]}</span> <Meaning piece={piece} reading={reading} />{' '}
                    <span className="text-ink-2">from “{piece.words}”</span>{' '}
                    <button
                        type="button"
                        className="link ml-1"
                        onClick={() => {
                            reading.refuse(piece.key);
                        }}
                    >
                        not this
                    </button>
                    {place < 9 && <kbd className="ml-1 font-mono text-ink-2 max-md:hidden">Alt {place + 1}</kbd>}
                </li>
            ))}
        </ul>
    );
}

function Meaning({ piece, reading }: { piece: ReadPiece; reading: Reading }) {
    if (piece.choices.length < 2) {
        const label = piece.choices[0]?.label;
        const on = piece.kind === 'meeting' ? `, ${dayWords(piece.value)}` : '';

        return <strong className="font-semibold">{label === undefined ? valueWords(piece) : label + on}</strong>;
    }

    return (
        <span role="group" aria-label={`Which one is meant by ${piece.words}?`}>
            {piece.choices.map((choice) => (
                <button
                    key={choice.value}
                    type="button"
                    aria-pressed={reading.chosen[piece.key] === choice.value}
                    className={clsx(
                        'mr-2 font-semibold underline decoration-dotted underline-offset-4',
                        'aria-pressed:decoration-solid aria-pressed:decoration-2',
                    )}
                    onClick={() => {
                        reading.choose(piece.key, choice.value);
                    }}
                >
                    {choice.label}
                    {reading.chosen[piece.key] === undefined && '?'}
                </button>
            ))}
        </span>
    );
}

/** What a piece says, in words. */
export function valueWords({ kind, value }: Pick<ReadPiece, 'kind' | 'value'>): string {
    const [when = '', length] = value.split('+');
    // A time without a day is the next such time: it says which.
    const [day = '', time] = when.split(' ');
    const at = time === undefined ? day : `${nearWords(day)} ${time}`;

    switch (kind) {
        case 'due':
        case 'planned':
        case 'return_on':
        case 'follow_up':
            return plannedWords(value);
        case 'minutes':
            return hoursWords(Number(value));
        case 'time':
            return length === undefined ? at : `${at}, ${hoursWords(Number(length))}`;
        case 'rank':
            return value === 'A' || value === 'B' || value === 'C' ? rankWords(value) : value;
        case 'done':
            return 'already';
        case 'shelf':
            return 'no date';
        case 'private':
            return 'only me';
        default:
            return value;
    }
}
