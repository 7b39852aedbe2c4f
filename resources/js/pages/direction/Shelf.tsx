import { Head } from '@inertiajs/react';
import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { Option, Shelf as ShelfProps } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/Section';
import { ShelfLine } from '../../parts/capture/ShelfLine';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

/** What was put off on purpose. */
export default function Shelf({ page }: { page: ShelfProps }) {
    return (
        <div className="px-6 py-4 pb-10 max-md:px-4">
            <Head title="Shelf" />
            <div className="max-w-4xl">
                <h1>Shelf</h1>
                <p className="mb-4 text-ink-2">Put off on purpose. Anything with a return date comes back to the tray on that day.</p>
                <NewIdea later={page.later} />
                {page.rows.length === 0 && <Empty>Nothing on the shelf. Ideas and projects for later can wait here, off every list.</Empty>}
                <ul className="mt-4">
                    {page.rows.map((row) => (
                        <ShelfLine key={`${row.kind} ${String(row.id)}`} row={row} />
                    ))}
                </ul>
            </div>
        </div>
    );
}

function NewIdea({ later }: { later: Option[] }) {
    const form = useForm('idea for the shelf', { words: '', lookAgainOn: '' });

    const keep = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('shelf.store'), {
            preserveScroll: true,
            onSuccess: () => {
                form.reset('words');
            },
        });
    };

    return (
        <form onSubmit={keep} className="flex flex-wrap items-start gap-3">
            <TextField
                label="An idea for later"
                isLabelHidden
                placeholder="An idea for later"
                className="min-w-60 flex-1"
                maxLength={2000}
                {...bind(form, 'words')}
            />
            <SelectField
                label="Return date"
                isLabelHidden
                className="w-48"
                {...bind(form, 'lookAgainOn')}
                none="no return date"
                options={later.map((option) => ({ value: option.value, label: `returns ${option.label}` }))}
            />
            <Button kind="main" type="submit" disabled={form.processing || form.data.words.trim() === ''}>
                Shelve
            </Button>
        </form>
    );
}
