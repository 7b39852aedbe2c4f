import { type SubmitEvent, useState } from 'react';
import { useForm } from '../../lib/kept/useForm';
import type { DirectionView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';
import { Pressed } from '../../ui/Pressed';

/** A few standing sentences on why we do this. */
export function Purpose({ page }: { page: DirectionView }) {
    const { purpose } = page.longTerm;
    const [isWriting, setWriting] = useState(false);
    const form = useForm('purpose', { purpose: purpose ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('purpose'), {
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    if (isWriting) {
        return (
            <form onSubmit={save} className="space-y-3">
                <TextArea
                    label="Why we do this"
                    rows={4}
                    maxLength={2000}
                    autoFocus
                    hint="A few sentences that hold for years."
                    {...bind(form, 'purpose')}
                />
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save
                </Button>
            </form>
        );
    }

    return (
        <div>
            <h2 className="mb-1 text-xs font-normal text-ink-2">Why we do this</h2>
            <Pressed
                label={purpose === null ? 'Say why we do this' : 'Edit why we do this'}
                isActive={page.mayChange}
                onPress={() => {
                    setWriting(true);
                }}
            >
                {purpose === null ? (
                    <span className="text-ink-2">A few sentences on why the company exists; they are shown on each person’s day.</span>
                ) : (
                    <span className="text-md whitespace-pre-line">{purpose}</span>
                )}
            </Pressed>
        </div>
    );
}
