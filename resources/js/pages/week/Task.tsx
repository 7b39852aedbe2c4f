import { Head, Link } from '@inertiajs/react';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withRecord } from '../../lib/queue/guess';
import { dayWords, fullDateWords } from '../../lib/dates';
import { lastPlace } from '../../lib/rooms';
import { route } from '../../lib/routes';
import { dueWords, setAside } from '../../lib/tasks';
import { times } from '../../lib/words';
import { Cord } from '../../parts/signs/Cord';
import { Prose } from '../../parts/signs/Prose';
import { Section } from '../../parts/signs/Section';
import { Beside, Talk } from '../../parts/beside/Beside';
import { AddStep } from '../../parts/week/AddStep';
import { BelongsTo } from '../../parts/week/BelongsTo';
import { DependsOn } from '../../parts/week/DependsOn';
import { TaskFacts } from '../../parts/week/TaskFacts';
import { TaskText } from '../../parts/week/TaskText';
import { RaiseAbout } from '../../parts/meetings/RaiseAbout';
import { BringBack } from '../../parts/capture/BringBack';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';

/** A task at its own address, edited in place. */
export default function Task({ page }: { page: TaskView }) {
    const { task } = page;
    const last = lastPlace.get();

    return (
        <div className="grid flex-1 grid-cols-[1fr_300px] max-lg:grid-cols-1">
            <Head title={task.title} />
            <div className="min-w-0 px-6 py-6 max-md:px-4">
                <div className="mb-1 flex flex-wrap items-center gap-3 text-xs text-ink-2">
                    {last !== null && (
                        <Link href={last.href} className="hover:underline">
                            ‹ {last.section}
                        </Link>
                    )}
                    <Cord cord={task.cord} />
                    {task.for !== null && task.forLink !== null ? (
                        <Link href={task.forLink} className="hover:underline">
                            for {task.for}
                        </Link>
                    ) : (
                        'not linked to a project or goal'
                    )}
                    {page.origin !== null && (
                        <Link href={page.origin.value} className="hover:underline">
                            from {page.origin.label}
                        </Link>
                    )}
                    {task.isPrivate && <span>restricted</span>}
                </div>
                <TaskText key={task.id} page={page}>
                    <State page={page} />
                </TaskText>
                <Section
                    title="Steps"
                    className="mt-6"
                    aside={page.steps.length > 0 ? 'Ticking the last step completes the task.' : undefined}
                >
                    <ul className="divide-y divide-hairline">
                        {page.steps.map((step) => (
                            <li key={step.id} className="flex min-h-8 items-center gap-3">
                                <Tick
                                    label={`Done: ${step.title}`}
                                    isOn={step.isDone}
                                    onToggle={() => {
                                        const isDone = !step.isDone;
                                        const guess = withRecord(step.id, { isDone }, 'howTo');
                                        act('put', route('steps.tick', step.id), { done: isDone }, { guess });
                                    }}
                                />
                                <span className="min-w-0 flex-1">
                                    <span className={step.isDone ? 'text-ink-2 line-through' : undefined}>{step.title}</span>
                                    {step.howTo !== null && (
                                        <details>
                                            <summary className="cursor-pointer text-xs link">How to</summary>
                                            <Prose html={step.howTo} />
                                        </details>
                                    )}
                                </span>
                                <Button
                                    kind="quiet"
                                    aria-label={`Delete ${step.title}`}
                                    onClick={() => {
                                        act('delete', route('steps.destroy', step.id));
                                    }}
                                >
                                    Delete
                                </Button>
                            </li>
                        ))}
                    </ul>
                    <AddStep task={task} />
                </Section>
                <DependsOn page={page} />
                <Talk beside={page.beside} />
            </div>
            <aside className="space-y-4 border-l border-hairline px-6 py-6 max-lg:border-0 max-md:px-4">
                <TaskFacts page={page} />
                <div className="flex flex-wrap gap-2 border-t border-hairline pt-4">
                    {task.isAside ? (
                        <Button
                            onClick={() => {
                                setAside(task, 'restore');
                            }}
                        >
                            Restore
                        </Button>
                    ) : (
                        !task.isDone && (
                            <>
                                <Button
                                    onClick={() => {
                                        setAside(task, 'shelve');
                                    }}
                                >
                                    Shelve
                                </Button>
                                <Button
                                    onClick={() => {
                                        setAside(task, 'drop');
                                    }}
                                >
                                    Drop
                                </Button>
                                <BelongsTo page={page} />
                                <BringBack
                                    kind="plain"
                                    about={{ kind: 'task', id: task.id, title: task.title }}
                                    returns={page.beside.returns}
                                />
                                <RaiseAbout kind="plain" about={{ task: task.id }} />
                            </>
                        )
                    )}
                </div>
                <Beside beside={page.beside} people={page.people} />
                <p className="text-xs text-ink-2">Created {fullDateWords(page.createdOn)}.</p>
            </aside>
        </div>
    );
}

function State({ page }: { page: TaskView }) {
    const { task } = page;
    const words = [
        task.doneOn !== null && task.isDone ? `done ${dayWords(task.doneOn)}` : null,
        task.isAside ? (page.isShelved ? 'on the shelf' : 'dropped') : null,
        task.isLate && task.dueOn !== null ? `late, due ${dueWords(task)}` : null,
        task.carried > 0 && !task.isDone ? `carried over ${times(task.carried)}` : null,
        page.waitingSince !== null && task.waitingOn !== null ? `waiting for ${task.waitingOn} since ${dayWords(page.waitingSince)}` : null,
    ].filter(Boolean);

    return (
        <>
            {words.length > 0 && (
                <p className={task.isLate ? 'mt-1 font-semibold text-persimmon' : 'mt-1 text-ink-2'}>{words.join(', ')}</p>
            )}
            <Reach page={page} />
        </>
    );
}

/** How to reach the contact that it waits on. */
function Reach({ page: { contact, contactArea } }: { page: TaskView }) {
    return contact === null || contactArea === null ? null : (
        <p className="mt-0.5 text-sm text-ink-2">
            {contact.name}
            {contact.what !== '' && `, ${contact.what}`} at{' '}
            <Link href={contactArea.value} className="link ">
                {contactArea.label}
            </Link>
            {contact.email !== '' && (
                <>
                    {', '}
                    <a href={`mailto:${contact.email}`} className="link ">
                        {contact.email}
                    </a>
                </>
            )}
            {contact.phone !== '' && (
                <>
                    {', '}
                    <a href={`tel:${contact.phone.replace(/[^+\d]/g, '')}`} className="whitespace-nowrap link ">
                        {contact.phone}
                    </a>
                </>
            )}
        </p>
    );
}
