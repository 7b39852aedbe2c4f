import { type SubmitEvent, useState } from 'react';
import { Prose } from '../signs/Prose';
import type { ProjectView, CharterPart } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { Button } from '../../ui/Button';
import { TextArea } from '../../ui/Field';

const parts = {
    why: { title: 'Why', asks: 'Why is it worth doing, in a few words of your own?' },
    outcome: { title: 'Result and how it is accepted', asks: 'What will exist, and how will we know that it is good enough?' },
    in_scope: { title: 'In scope', asks: 'What belongs to it?' },
    out_of_scope: { title: 'Out of scope', asks: 'What does not, although somebody might expect it?' },
    constraints: { title: 'Constraints', asks: 'What has to be kept to: money, dates, people, rules?' },
    risks: { title: 'Risks', asks: 'What could go wrong, and what would we do then?' },
    decides: { title: 'Who decides', asks: 'Who has the last word, and on what?' },
    notes: { title: 'Notes', asks: 'Anything else worth keeping?' },
};

const names = Object.keys(parts) as (keyof typeof parts)[];

/** A project’s charter, in Markdown: a line until it is opened, and edited in place. */
export function Charter({ page }: { page: ProjectView }) {
    const [state, setState] = useState<State>('line');
    const written = page.charter.filter((part) => part.html !== null);

    if (state === 'writing') {
        return (
            <CharterForm
                page={page}
                onDone={() => {
                    setState('open');
                }}
            />
        );
    }

    if (written.length === 0) {
        return page.mayChange ? (
            <p className="mt-3 border-t border-hairline py-2">
                <button
                    type="button"
                    className="link text-ink-2"
                    onClick={() => {
                        setState('writing');
                    }}
                >
                    Write the charter: why, result, scope
                </button>
            </p>
        ) : null;
    }

    return state === 'line' ? (
        <CharterLine page={page} written={written} onTurn={setState} />
    ) : (
        <CharterOpen page={page} written={written} onTurn={setState} />
    );
}

/** How it stands on the page. */
type State = 'line' | 'open' | 'writing';

interface WrittenProps {
    page: ProjectView;
    /** Its parts that say something. */
    written: CharterPart[];
    onTurn: (state: State) => void;
}

function CharterLine({ page, written, onTurn }: WrittenProps) {
    return (
        <div className="mt-3 flex items-baseline gap-3 border-t border-hairline py-2">
            <p className="two-lines min-w-0 text-ink-2">
                {lineOf(page, 'why')} {lineOf(page, 'outcome') !== '' && <strong className="text-ink">Result:</strong>}{' '}
                {lineOf(page, 'outcome')}
                {lineOf(page, 'why') === '' && lineOf(page, 'outcome') === '' && `${count(written.length, 'part')} written.`}
            </p>
            <button
                type="button"
                aria-expanded={false}
                className="link flex-none"
                onClick={() => {
                    onTurn('open');
                }}
            >
                Charter
            </button>
        </div>
    );
}

function CharterOpen({ page, written, onTurn }: WrittenProps) {
    return (
        <section aria-label="Charter" className="mt-3">
            {written.map((part) => (
                <div key={part.name} className="grid grid-cols-[112px_1fr] gap-x-4 border-t border-hairline py-1.5 max-md:grid-cols-1">
                    <h2 className="text-sm font-normal text-ink-2">{parts[part.name as keyof typeof parts].title}</h2>
                    {part.html !== null && <Prose html={part.html} />}
                </div>
            ))}
            <div className="-ml-3 flex">
                {page.mayChange && (
                    <Button
                        kind="quiet"
                        onClick={() => {
                            onTurn('writing');
                        }}
                    >
                        Edit charter
                    </Button>
                )}
                <Button
                    kind="quiet"
                    onClick={() => {
                        onTurn('line');
                    }}
                >
                    Fold
                </Button>
            </div>
        </section>
    );
}

const textOf = (page: ProjectView, name: keyof typeof parts) => page.charter.find((part) => part.name === name)?.text ?? '';

/** A part as a line: its words without the marks of Markdown. */
const lineOf = (page: ProjectView, name: keyof typeof parts) =>
    textOf(page, name)
        .replace(/[*_`#>]/g, '')
        .replace(/^- /gm, '')
        .replace(/\s*\n+\s*/g, '; ')
        .trim();

/** Cancel closes it and keeps what is written there for the next time: seven texts are too much to lose by a slip. */
function CharterForm({ page, onDone }: { page: ProjectView; onDone: () => void }) {
    const form = useForm(`charter of project ${String(page.project.id)}`, {
        why: textOf(page, 'why'),
        outcome: textOf(page, 'outcome'),
        in_scope: textOf(page, 'in_scope'),
        out_of_scope: textOf(page, 'out_of_scope'),
        constraints: textOf(page, 'constraints'),
        risks: textOf(page, 'risks'),
        decides: textOf(page, 'decides'),
        notes: textOf(page, 'notes'),
    });

    const save = (event: SubmitEvent) => {
        event.preventDefault();
        form.put(route('charter', page.project.id), { onSuccess: onDone });
    };

    return (
        <form onSubmit={save} className="mt-3 space-y-3 border-t border-hairline pt-3">
            <div className="grid grid-cols-2 gap-x-6 gap-y-3 max-md:grid-cols-1">
                {names.map((name, place) => (
                    <TextArea
                        key={name}
                        label={parts[name].title}
                        hint={parts[name].asks}
                        rows={2}
                        maxLength={20000}
                        autoFocus={place === 0}
                        {...bind(form, name)}
                    />
                ))}
            </div>
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
