import { useForm } from '../../lib/kept/useForm';
import type { SubmitEvent } from 'react';
import type { ItemRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';

export function Decide({ item }: { item: ItemRow }) {
    const form = useForm(`decision of item ${String(item.id)}`, { words: '', because: '' });

    const decide = (event: SubmitEvent) => {
        event.preventDefault();
        form.post(route('items.decide', item.id), {
            preserveScroll: true,
            preserveState: true,
            onSuccess: () => {
                form.reset();
            },
        });
    };

    return (
        <form onSubmit={decide} className="flex flex-wrap items-start gap-3 pt-1">
            <TextField
                label="What was decided"
                isLabelHidden
                className="min-w-60 flex-2"
                placeholder="What was decided?"
                maxLength={1000}
                {...bind(form, 'words')}
            />
            <TextField
                label="Reason"
                isLabelHidden
                className="min-w-40 flex-1"
                placeholder="Reason …"
                maxLength={1000}
                {...bind(form, 'because')}
            />
            <Button type="submit" disabled={form.processing || form.data.words.trim() === ''}>
                Save
            </Button>
        </form>
    );
}
