import { clsx } from 'clsx';
import { type ReactNode, type SubmitEvent, useState } from 'react';
import { Button } from '../../ui/Button';

interface Props {
    /** What it is called when it is pressed to be edited. */
    title: string;
    mayChange: boolean;
    /** The line as it is read. */
    children: ReactNode;
    /** The fields, while it is edited. */
    fields: ReactNode;
    isSaving: boolean;
    onSave: (close: () => void) => void;
    onDelete: () => void;
}

/** A line of words that is edited in place when it is pressed. */
export function EditedLine({ title, mayChange, children, fields, isSaving, onSave, onDelete }: Props) {
    const [isEditing, setEditing] = useState(false);
    const close = () => {
        setEditing(false);
    };
    const save = (event: SubmitEvent) => {
        event.preventDefault();
        onSave(close);
    };

    if (isEditing) {
        return (
            <li className="py-2">
                {/* eslint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- Escape, from any of its fields */}
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
                    <div className="flex flex-wrap gap-2">
                        <Button kind="main" type="submit" disabled={isSaving}>
                            Save
                        </Button>
                        <Button kind="quiet" onClick={close}>
                            Cancel
                        </Button>
                        <Button kind="quiet" className="ml-auto" onClick={onDelete}>
                            Delete
                        </Button>
                    </div>
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
