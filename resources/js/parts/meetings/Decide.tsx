import { useForm } from '../../lib/kept/useForm';
import type { ItemRow } from '../../generated/props';
import { addingLine, bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { TextField } from '../../ui/Field';
import { AddLine } from '../AddLine';

/** What was decided on an item, and why. */
export function Decide({ item }: { item: ItemRow }) {
    const form = useForm(`decision of item ${String(item.id)}`, { words: '', because: '' });

    return (
        <AddLine words="What was decided?" maxLength={1000} {...addingLine(form, 'words', route('items.decide', item.id))}>
            <TextField label="Reason" className="min-w-60 flex-1" maxLength={1000} {...bind(form, 'because')} />
        </AddLine>
    );
}
