import { useForm } from '../../lib/kept/useForm';
import { type SubmitEvent, useState } from 'react';
import { Prose } from '../Prose';
import type { ProjectView } from '../../generated/props';
import { bind } from '../../lib/forms';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

const parts: Record<string, { title: string; asks: string }> = {
    reason: { title: 'Why', asks: 'Why is it worth doing, in a few words of your own?' },
    outcome: { title: 'Result and how it is accepted', asks: 'What will exist, and how will we know it is good enough?' },
    limits: { title: 'Limits', asks: 'What is out, how much may it cost?' },
    approach: { title: 'Approach', asks: 'How is it gone about?' },
    notes: { title: 'Notes', asks: 'Anything else worth keeping?' },
};

/** The brief of a project, in Markdown, changed in place. */
export function Brief({ page }: { page: ProjectView }) {
    const [isWriting, setWriting] = useState(false);
    const written = page.brief.filter((part) => part.html !== null);

    if (isWriting) {
        return (
            <BriefForm
                page={page}
                onDone={() => {
                    setWriting(false);
                }}
            />
        );
    }

    return (
        <div className="mt-3">
            {written.map((part) => (
                <div key={part.name} className="grid grid-cols-[96px_1fr] gap-x-4 border-t border-hairline py-1.5 max-md:grid-cols-1">
                    <h2 className="text-sm font-normal text-ink-2">{parts[part.name]?.title}</h2>
                    {part.html !== null && <Prose html={part.html} />}
                </div>
            ))}
            {page.mayChange && (
                <Button
                    kind="quiet"
                    className="-ml-3"
                    onClick={() => {
                        setWriting(true);
                    }}
                >
                    {written.length === 0 ? 'Write the charter' : 'Edit charter'}
                </Button>
            )}
        </div>
    );
}

function BriefForm({ page, onDone }: { page: ProjectView; onDone: () => void }) {
    const of = (name: string) => page.brief.find((part) => part.name === name)?.text ?? '';
    const form = useForm(`brief of project ${String(page.project.id)}`, {
        reason: of('reason'),
        outcome: of('outcome'),
        limits: of('limits'),
        approach: of('approach'),
        notes: of('notes'),
    });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('brief', page.project.id), { preserveScroll: true, onSuccess: onDone });
    };

    return (
        <form onSubmit={save} className="mt-3 max-w-2xl space-y-3">
            {(['reason', 'outcome', 'limits', 'approach', 'notes'] as const).map((name, place) => (
                <TextArea
                    key={name}
                    label={parts[name]?.title ?? name}
                    hint={parts[name]?.asks}
                    rows={3}
                    maxLength={20000}
                    autoFocus={place === 0}
                    {...bind(form, name)}
                />
            ))}
            <p className="text-xs text-ink-2">In Markdown: **bold**, lists with -, links.</p>
            <div className="flex gap-3">
                <Button kind="main" type="submit" disabled={form.processing}>
                    Save charter
                </Button>
                <Button kind="quiet" onClick={onDone}>
                    Cancel
                </Button>
            </div>
        </form>
    );
}
