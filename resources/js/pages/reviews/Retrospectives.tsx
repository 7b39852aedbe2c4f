import { Head, Link } from '@inertiajs/react';
import type { RetrospectiveLine, RetrospectivesView } from '../../generated/props';
import { dayWords, spanWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { RetrospectiveForm } from '../../parts/reviews/RetrospectiveForm';
import { Empty } from '../../parts/signs/Section';
import { DialogButton } from '../../ui/DialogButton';

/** The retrospectives one takes part in. */
export default function Retrospectives({ page }: { page: RetrospectivesView }) {
    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Retrospectives" />
            <div className="flex items-baseline justify-between">
                <h1>Retrospectives</h1>
                <DialogButton words="Start a retrospective" kind="main" title="Start a retrospective" size="l">
                    {() => <RetrospectiveForm page={page} />}
                </DialogButton>
            </div>
            <p className="mb-4 text-ink-2">Look back on a project, a launch or a stretch of weeks. Only those who take part can see it.</p>
            {page.all.length === 0 && (
                <Empty>None yet. Everybody writes by themselves first; then all see, and agree on a few changes.</Empty>
            )}
            <ul>
                {page.all.map((line) => (
                    <li key={line.id} className="border-t border-hairline">
                        <Link
                            href={route('retrospectives.show', line.id)}
                            className="group grid grid-cols-[1fr_180px_200px] items-baseline gap-x-4 py-2 max-md:grid-cols-1"
                        >
                            <span className="two-lines group-hover:underline">{line.title}</span>
                            <span className="text-xs text-ink-2">{about(line)}</span>
                            <span className="text-right text-xs text-ink-2 max-md:text-left">
                                {dayWords(line.on)}, {state(line)}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </div>
    );
}

const about = ({ project, first, last }: RetrospectiveLine) => project ?? (first !== null && last !== null ? spanWords(first, last) : '');

const state = ({ isFinished, isShown, changes }: RetrospectiveLine) =>
    isFinished ? count(changes, 'change') : isShown ? 'in discussion' : 'everybody writes';
