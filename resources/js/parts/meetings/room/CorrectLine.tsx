import { LineField } from './LineField';
import { useForm } from '../../../lib/kept/useForm';
import { route } from '../../../lib/routes';

/** A slip in somebody else's line is corrected where it stands: by Enter, or by leaving it. */
export function CorrectLine({ id, words, onDone }: { id: number; words: string; onDone: () => void }) {
    const form = useForm(`correction of line ${String(id)}`, { words });
    const save = () => {
        if (form.isDirty && form.data.words.trim() !== '') {
            form.put(route('note-lines.correct', id));
        } else {
            form.reset();
        }

        onDone();
    };

    return (
        <LineField
            label="Correct the line"
            isFocused
            value={form.data.words}
            onChange={(value) => {
                form.setData('words', value.replaceAll('\n', ' '));
            }}
            onEnter={save}
            onLeave={save}
        />
    );
}
