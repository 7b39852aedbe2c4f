import { Head, Link } from '@inertiajs/react';
import type { Patterns as PatternsProps } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/Section';
import { ButtonLink } from '../../ui/Button';

/** Projects to start others from: one press leads to a new one. */
export default function Patterns({ page }: { page: PatternsProps }) {
    return (
        <div className="w-full max-w-4xl px-6 py-5 max-md:px-4">
            <Head title="Patterns" />
            <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Patterns</h1>
                    <p className="text-ink-2">What comes again in much the same way: its stages, tasks, steps and who does them.</p>
                </div>
                <ButtonLink href={route('patterns.create')}>New pattern</ButtonLink>
            </div>
            {page.patterns.length === 0 && (
                <Empty>No pattern yet. Write one, or make one of a project that went well: “Make a pattern of it” on its page.</Empty>
            )}
            <ul className="divide-y divide-hairline border-t border-rule">
                {page.patterns.map((pattern) => (
                    <li key={pattern.id} className="flex flex-wrap items-center gap-x-6 gap-y-1 py-2.5">
                        <span className="min-w-48 flex-1">
                            <Link href={route('patterns.show', pattern.id)} className="font-semibold hover:underline">
                                {pattern.title}
                            </Link>
                            <span className="block text-xs text-ink-2">
                                {pattern.tasks} tasks
                                {pattern.minutes > 0 && `, ${hoursWords(pattern.minutes)}`}
                                {pattern.days !== null && `, ${String(pattern.days)} days`}
                            </span>
                        </span>
                        <span className="w-56 text-sm text-ink-2">
                            {pattern.running === 0 ? 'none runs' : `${String(pattern.running)} running`}
                            {pattern.behind > 0 && (
                                <Link href={route('patterns.show', pattern.id)} className="ml-1 font-semibold text-ink underline">
                                    {pattern.behind} to look at
                                </Link>
                            )}
                        </span>
                        <ButtonLink kind="main" href={route('patterns.start', pattern.id)}>
                            Start a project
                        </ButtonLink>
                    </li>
                ))}
            </ul>
        </div>
    );
}
