import { Head, Link } from '@inertiajs/react';
import type { RetrospectiveView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords, spanWords } from '../../lib/dates';
import { useClosely } from '../../lib/fresh';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { first } from '../../lib/words';
import { AgreedChanges } from '../../parts/reviews/AgreedChanges';
import { AskedOfAll } from '../../parts/reviews/AskedOfAll';
import { Button } from '../../ui/Button';

/** A retrospective: everybody writes by themselves, then all see what was written and agree on a few changes. */
export default function Retrospective({ page }: { page: RetrospectiveView }) {
    const { retrospective: line, holds } = page;
    const isAlone = page.participants.length === 1;
    const press = (name: 'retrospectives.reveal' | 'retrospectives.finish' | 'retrospectives.reopen') => () => {
        act('post', route(name, line.id));
    };
    const next = line.isFinished ? null : line.isShown ? ('finish' as const) : ('reveal' as const);

    useClosely(!isAlone);
    useKeys({
        'Ctrl Enter': {
            words: 'Show what everybody wrote, or finish the retrospective',
            run: () => {
                if (holds && next !== null) {
                    press(`retrospectives.${next}`)();
                }
            },
        },
    });

    return (
        <div className="grid flex-1 grid-cols-[1fr_400px] max-lg:grid-cols-1">
            <Head title={line.title} />
            <div className="sheet-edge min-w-0">
                <h1 className="wrap-anywhere">{line.title}</h1>
                <p className="mb-5 flex flex-wrap gap-x-4 text-xs text-ink-2">
                    <span>
                        {dayWords(line.on)}, held by {line.by.name}
                    </span>
                    {line.project !== null && line.projectLink !== null && (
                        <Link href={line.projectLink} className="link">
                            {line.project}
                        </Link>
                    )}
                    {line.first !== null && line.last !== null && (
                        <Link href={route('done', { _query: { from: line.first, until: line.last } })} className="link">
                            {spanWords(line.first, line.last)}
                        </Link>
                    )}
                </p>
                <AskedOfAll page={page} />
            </div>
            <aside className="sheet-edge flex flex-col border-l border-hairline max-lg:border-t max-lg:border-l-0">
                {!isAlone && !line.isFinished && <Written page={page} />}
                <AgreedChanges page={page} />
                {holds && (
                    <div className="sticky bottom-0 mt-auto flex flex-wrap justify-end gap-2.5 bg-sheet py-4 print:hidden">
                        {line.isFinished ? (
                            <Button onClick={press('retrospectives.reopen')}>Reopen</Button>
                        ) : (
                            <>
                                <Button
                                    kind="quiet"
                                    onClick={() => {
                                        act('delete', route('retrospectives.destroy', line.id));
                                    }}
                                >
                                    Delete
                                </Button>
                                <Button
                                    kind="main"
                                    keys="Ctrl ↵"
                                    onClick={press(line.isShown ? 'retrospectives.finish' : 'retrospectives.reveal')}
                                >
                                    {line.isShown ? 'Finish' : isAlone ? 'On to the changes' : 'Show what everybody wrote'}
                                </Button>
                            </>
                        )}
                    </div>
                )}
            </aside>
        </div>
    );
}

function Written({ page: { participants, written, retrospective } }: { page: RetrospectiveView }) {
    const names = (has: boolean) =>
        participants
            .filter(({ id }) => written.includes(id) === has)
            .map(({ name }) => first(name))
            .join(', ');

    return (
        <p className="mb-5 text-sm">
            <span className="font-semibold">{names(true) === '' ? 'Nobody has written yet.' : `${names(true)} wrote something.`}</span>{' '}
            {names(false) !== '' && names(true) !== '' && <span className="text-ink-2">Not yet: {names(false)}.</span>}
            {!retrospective.isShown && (
                <span className="block text-ink-2">
                    Nobody sees what others write until {first(retrospective.by.name)} shows it to everybody.
                </span>
            )}
        </p>
    );
}
