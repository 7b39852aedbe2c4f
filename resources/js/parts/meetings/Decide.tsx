import { useForm } from '../../lib/kept/useForm';
import type { ItemRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { TextField } from '../../ui/Field';
import { AddLine } from '../AddLine';

/** What was decided on an item, and why. */
export function Decide({ item }: { item: ItemRow }) {
    const form = useForm(`decision of item ${String(item.id)}`, { words: '', because: '' });

    return (
        <AddLine
            words="What was decided?"
            maxLength={1000}
            value={form.data.words}
            error={form.errors.words}
            isSending={form.processing}
            onChange={(words) => {
                form.setData('words', words);
            }}
            onAdd={() => {
                form.post(route('items.decide', item.id), {
                    preserveScroll: true,
                    preserveState: true,
                    onSuccess: () => {
                        form.reset();
                    },
                });
            }}
        >
            <TextField label="Reason" className="min-w-60 flex-1" maxLength={1000} {...bind(form, 'because')} />
        </AddLine>
    );
}
