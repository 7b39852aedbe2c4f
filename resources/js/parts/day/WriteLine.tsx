import { AddLine } from '../fields/AddLine';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

/** The next line of a day's log. */
export function WriteLine({ on }: { on: string }) {
    const form = useForm(`log of ${on}`, { words: '' });

    return (
        <AddLine
            words="Write a line"
            maxLength={2000}
            {...addingLines(form, 'words', route('log-lines.store'), { as: (data) => ({ ...data, on }) })}
        />
    );
}
