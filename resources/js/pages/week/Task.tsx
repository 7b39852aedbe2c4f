import { Head, Link } from '@inertiajs/react';
import type { TaskView } from '../../generated/props';
import { setAside } from '../../lib/tasks';
import { first } from '../../lib/words';
import { Beside, Talk } from '../../parts/beside/Beside';
import { BelongsTo } from '../../parts/week/BelongsTo';
import { DependsOn } from '../../parts/week/DependsOn';
import { TaskFacts } from '../../parts/week/TaskFacts';
import { TaskRuler } from '../../parts/week/TaskRuler';
import { TaskSteps } from '../../parts/week/TaskSteps';
import { TaskThread } from '../../parts/week/TaskThread';
import { TaskText } from '../../parts/week/TaskText';
import { WhenDone } from '../../parts/week/WhenDone';
import { RaiseAbout } from '../../parts/meetings/RaiseAbout';
import { BringBack } from '../../parts/capture/BringBack';
import { Button } from '../../ui/Button';

/** A task at its own address, edited in place. */
export default function Task({ page }: { page: TaskView }) {
    const { task } = page;

    return (
        <div className="grid flex-1 grid-cols-[1fr_300px] max-lg:grid-cols-1">
            <Head title={task.title} />
            <div className="sheet-edge min-w-0">
                <TaskThread page={page} />
                <TaskText key={task.id} page={page} beside={<TaskSteps page={page} />}>
                    <Who page={page} />
                    <TaskRuler page={page} />
                </TaskText>
                <DependsOn page={page} />
                <Talk beside={page.beside} />
            </div>
            <aside className="sheet-edge space-y-4 border-l border-hairline max-lg:border-0">
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
                {page.whenDone !== null && <WhenDone effect={page.whenDone} />}
                <Beside beside={page.beside} people={page.people} />
            </aside>
        </div>
    );
}

/** Who does it with whom, and what it takes, in a sentence. */
function Who({ page }: { page: TaskView }) {
    const helpers = page.people.filter((person) => page.beside.helpers.includes(person.id)).map((person) => first(person.name));
    const effort = page.mainEfforts.find((each) => each.value === String(page.mainEffort ?? ''));
    const parts = [
        page.focus === null ? null : `it needs ${page.focus} focus`,
        page.place === null ? null : `at ${page.place}`,
        effort === undefined ? null : `part of “${effort.label}”`,
    ].filter((part) => part !== null);

    return (
        <div className="mt-1 ml-8">
            <p className="text-ink-2">
                {first(page.task.owner.name)} does it{helpers.length > 0 && ` with ${helpers.join(', ')}`}
                {parts.length > 0 && `; ${parts.join(', ')}`}.
            </p>
            <Reach page={page} />
        </div>
    );
}

/** How to reach the contact that it waits on. */
function Reach({ page: { contact, contactArea } }: { page: TaskView }) {
    return contact === null || contactArea === null ? null : (
        <p className="mt-0.5 text-sm text-ink-2">
            {contact.name}
            {contact.what !== '' && `, ${contact.what}`} at{' '}
            <Link href={contactArea.value} className="link">
                {contactArea.label}
            </Link>
            {contact.email !== '' && (
                <>
                    {', '}
                    <a href={`mailto:${contact.email}`} className="link">
                        {contact.email}
                    </a>
                </>
            )}
            {contact.phone !== '' && (
                <>
                    {', '}
                    <a href={`tel:${contact.phone.replace(/[^+\d]/g, '')}`} className="whitespace-nowrap link">
                        {contact.phone}
                    </a>
                </>
            )}
        </p>
    );
}
