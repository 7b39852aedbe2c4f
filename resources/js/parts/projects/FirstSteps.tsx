import { Link } from '@inertiajs/react';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { AddLine } from '../fields/AddLine';
import { Section } from '../signs/Section';
import type { ProjectView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';

/** Lines of the plan: no tasks until they are promoted. */
export function FirstSteps({ page }: { page: ProjectView }) {
    const form = useForm(`new line of project ${String(page.project.id)}`, { title: '' });
    const lines = page.lines.filter((line) => line.task === null);

    return (
        <Section title="Outline" aside="Lines here are not tasks yet." className="mt-6">
            <ul className="divide-y divide-hairline">
                {lines.map((line) => (
                    <li key={line.id} className="flex items-center gap-3 py-1">
                        <span className="min-w-0 flex-1 text-ink-2">{line.title}</span>
                        <Button
                            aria-label={`Make a task of: ${line.title}`}
                            onClick={() => {
                                act('post', route('lines.promote', line.id));
                            }}
                        >
                            Make a task
                        </Button>
                        <Button
                            kind="quiet"
                            aria-label={`Delete the line ${line.title}`}
                            onClick={() => {
                                act('delete', route('lines.destroy', line.id));
                            }}
                        >
                            Delete
                        </Button>
                    </li>
                ))}
            </ul>
            {page.lines.length > lines.length && (
                <p className="text-xs text-ink-2">
                    {page.lines.length - lines.length} became tasks:{' '}
                    {page.lines
                        .filter((line) => line.task !== null)
                        .map((line, place) => (
                            <span key={line.id}>
                                {place > 0 && ', '}
                                <Link href={route('tasks.show', line.task ?? 0)} className="hover:underline">
                                    {line.title}
                                </Link>
                            </span>
                        ))}
                </p>
            )}
            <AddLine
                words="Add a line: something that may have to be done"
                maxLength={200}
                {...addingLines(form, 'title', route('lines.store', page.project.id))}
            />
        </Section>
    );
}
