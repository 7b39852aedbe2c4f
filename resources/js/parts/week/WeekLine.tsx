import { usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { type SubmitEvent, useState } from 'react';
import { SaveOrCancel } from '../fields/SaveOrCancel';
import { useForm } from '../../lib/kept/useForm';
import type { WeekView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { TextField } from '../../ui/Field';

/** The week in a line: one's own, and the team's. */
export function WeekLine({ page }: { page: WeekView }) {
    const { week, words, line, when } = page;
    const isMine = usePage().props.frame?.me.id === page.whose.id;

    return (
        <>
            {isMine && (
                <Line
                    whose="Me"
                    name={`own line of ${week.name}`}
                    words={line}
                    label="My week in a line"
                    empty={when === 'past' ? null : 'What is this week about for me?'}
                    url={route('week.line', week.name)}
                    className="mt-1 text-md"
                />
            )}
            <Line
                whose="Team"
                name={`line of ${week.name}`}
                words={words}
                label="The team’s week in a line"
                empty={when === 'past' ? null : 'What is it about for the team?'}
                url={route('week.words', week.name)}
                className="mt-0.5"
            />
        </>
    );
}

interface LineProps {
    /** Said before the words, so that one line is not taken for the answer to the other. */
    whose: string;
    name: string;
    words: string | null;
    label: string;
    /** What is asked while there is none; null where nothing is. */
    empty: string | null;
    url: string;
    className: string;
}

/** A line that is written in place. */
function Line({ whose, name, words, label, empty, url, className }: LineProps) {
    const [isWriting, setWriting] = useState(false);
    const form = useForm(name, { words: words ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(url, {
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (!isWriting) {
        return words === null && empty === null ? null : (
            <button
                type="button"
                onClick={() => {
                    setWriting(true);
                }}
                title={label}
                className={clsx('block text-left hover:underline pointer-coarse:min-h-11', className, words === null && 'text-ink-2')}
            >
                {words !== null && <span className="mr-1.5 text-xs font-normal text-ink-2">{whose}</span>}
                {words ?? empty}
            </button>
        );
    }

    return (
        <form onSubmit={save} className="mt-2 space-y-2">
            <TextField
                label={label}
                isLabelHidden
                autoFocus
                maxLength={200}
                {...bind(form, 'words')}

                onKeyDown={(event) => {
                    if (event.key === 'Escape') {
                        setWriting(false);
                    }
                }}
            />
            <SaveOrCancel
                form={form}
                onCancel={() => {
                    setWriting(false);
                }}
            />
        </form>
    );
}
