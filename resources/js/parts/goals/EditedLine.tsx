import { clsx } from 'clsx';
import { type ReactNode, type SubmitEvent, useState } from 'react';
import { type InPlace, SaveOrCancel } from '../fields/SaveOrCancel';
import { act } from '../../lib/queue/act';
import { Button } from '../../ui/Button';

interface Props {
    /** What it is called when it is pressed to be edited. */
    title: string;
    mayChange: boolean;
    /** The line as it is read. */
    children: ReactNode;
    /** The fields, while it is edited. */
    fields: ReactNode;
    form: InPlace & { put: (url: string, options: { onSuccess: () => void }) => void };
    /** Where it is saved, and where deleted. */
    saveAt: string;
    deleteAt: string;
}

/** A line of words that is edited in place when it is pressed. */
export function EditedLine({ title, mayChange, children, fields, form, saveAt, deleteAt }: Props) {
    const [isEditing, setEditing] = useState(false);
    const close = () => {
        setEditing(false);
    };
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(saveAt, { onSuccess: close });
    };

    if (isEditing) {
        return (
            <li className="py-2">
                {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Escape, from any of its fields */}
                <form
                    className="space-y-2"
                    onSubmit={save}
                    onKeyDown={(event) => {
                        // A list or a calendar that is open in it closes first.
                        if (event.key === 'Escape' && !event.defaultPrevented) {
                            close();
                        }
                    }}
                >
                    {fields}
                    <SaveOrCancel form={form} onCancel={close}>
                        <Button
                            kind="quiet"
                            className="ml-auto"
                            onClick={() => {
                                act('delete', deleteAt);
                            }}
                        >
                            Delete
                        </Button>
                    </SaveOrCancel>
                </form>
            </li>
        );
    }

    return (
        <li className="group/edited flex items-start gap-3 py-1.5">
            <div className="min-w-0 flex-1">{children}</div>
            {mayChange && (
                <button
                    type="button"
                    aria-label={`Edit ${title}`}
                    className={clsx(
                        'link flex-none text-xs text-ink-2 opacity-0 group-hover/edited:opacity-100',
                        'focus:opacity-100 pointer-coarse:min-h-11 pointer-coarse:opacity-100',
                    )}
                    onClick={() => {
                        setEditing(true);
                    }}
                >
                    Edit
                </button>
            )}
        </li>
    );
}
