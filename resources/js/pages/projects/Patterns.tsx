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
            <Head title="Templates" />
            <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Templates</h1>
                    <p className="text-ink-2">Projects to start others from, with stages, tasks, steps and roles.</p>
                </div>
                <ButtonLink href={route('patterns.create')}>New template</ButtonLink>
            </div>
            {page.patterns.length === 0 && (
                <Empty>No templates yet. Write one, or choose “Save as template” on the page of a project that went well.</Empty>
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
                            {pattern.running === 0 ? 'none in progress' : `${String(pattern.running)} in progress`}
                            {pattern.behind > 0 && (
                                <Link href={route('patterns.show', pattern.id)} className="ml-1 font-semibold text-ink underline">
                                    {pattern.behind} to update
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
