import { Head, Link } from '@inertiajs/react';
import type { Templates as TemplatesProps } from '../../generated/props';
import { hoursWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/signs/Section';
import { ButtonLink } from '../../ui/Button';

/** Projects to start others from: one press leads to a new one. */
export default function Templates({ page }: { page: TemplatesProps }) {
    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Templates" />
            <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                <div>
                    <h1>Templates</h1>
                    <p className="text-ink-2">Projects to start others from, with stages, tasks, steps and roles.</p>
                </div>
                <ButtonLink href={route('templates.create')}>New template</ButtonLink>
            </div>
            {page.templates.length === 0 && (
                <Empty>No templates yet. Write one, or choose “Save as template” on the page of a project that went well.</Empty>
            )}
            <ul className="divide-y divide-hairline border-t border-rule">
                {page.templates.map((template) => (
                    <li data-line key={template.id} className="flex flex-wrap items-center gap-x-6 gap-y-1 py-2.5">
                        <span className="min-w-48 flex-1">
                            <Link href={route('templates.show', template.id)} className="font-semibold hover:underline">
                                {template.title}
                            </Link>
                            <span className="block text-xs text-ink-2">
                                {template.tasks} tasks
                                {template.minutes > 0 && `, ${hoursWords(template.minutes)}`}
                                {template.days !== null && `, ${String(template.days)} days`}
                            </span>
                        </span>
                        <span className="w-56 text-sm text-ink-2">
                            {template.running === 0 ? 'none in progress' : `${String(template.running)} in progress`}
                            {template.behind > 0 && (
                                <Link href={route('templates.show', template.id)} className="ml-1 font-semibold text-ink underline">
                                    {template.behind} to update
                                </Link>
                            )}
                        </span>
                        <ButtonLink kind="main" href={route('templates.start', template.id)}>
                            Start a project
                        </ButtonLink>
                    </li>
                ))}
            </ul>
        </div>
    );
}
