import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import type { WeekView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

/** The week in a line, written in place. */
export function WeekLine({ page }: { page: WeekView }) {
    const [isWriting, setWriting] = useState(false);
    const form = useForm(`line of ${page.week.name}`, { words: page.words ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('week.words', page.week.name), {
            preserveScroll: true,
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (!isWriting) {
        return (
            <button
                type="button"
                onClick={() => {
                    form.setData('words', page.words ?? '');
                    setWriting(true);
                }}
                className={`mt-1 block text-left text-md hover:underline ${page.words === null ? 'text-ink-2' : ''}`}
            >
                {page.words ?? 'What is this week about?'}
            </button>
        );
    }

    return (
        <form onSubmit={save} className="mt-2 space-y-2">
            <TextField
                label="This week in a line"
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
            <Button kind="main" type="submit" disabled={form.processing}>
                Save
            </Button>
            <Button
                kind="quiet"
                onClick={() => {
                    setWriting(false);
                }}
            >
                Cancel
            </Button>
        </form>
    );
}
