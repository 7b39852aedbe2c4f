import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import { Empty, Section } from '../Section';
import type { DirectionView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

/** A few standing sentences on why we do this. */
export function Purpose({ page }: { page: DirectionView }) {
    const { purpose } = page.bearing;
    const [isWriting, setWriting] = useState(false);
    const form = useForm('purpose', { purpose: purpose ?? '' });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('purpose'), {
            preserveScroll: true,
            onSuccess: () => {
                setWriting(false);
            },
        });
    };

    return (
        <Section
            title="Why we do this"
            aside={
                page.mayChange && !isWriting ? (
                    <Button
                        kind="quiet"
                        onClick={() => {
                            setWriting(true);
                        }}
                    >
                        {purpose === null ? 'Add it' : 'Edit'}
                    </Button>
                ) : undefined
            }
        >
            {isWriting ? (
                <form onSubmit={save} className="space-y-3">
                    <TextArea
                        label="Why we do this"
                        isLabelHidden
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
            ) : purpose === null ? (
                <Empty>Nothing yet. A few sentences on why the company exists; they are shown on each person’s day.</Empty>
            ) : (
                <p className="text-md whitespace-pre-line">{purpose}</p>
            )}
        </Section>
    );
}
