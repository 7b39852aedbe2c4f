import { Head } from '@inertiajs/react';
import { useState } from 'react';
import { count } from '../../lib/words';
import type { SavedView } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Empty } from '../../parts/signs/Section';
import { TaskLine } from '../../parts/task/TaskLine';
import { ListBuilder } from '../../parts/lists/ListBuilder';
import { ListNav } from '../../parts/lists/ListNav';
import { More } from '../../parts/lists/More';
import { Button } from '../../ui/Button';

/** A heading that is a time is said in words; any other stands as it is. */
const headingWords = (heading: string) => (/^\d{4}(-|$)/.test(heading) ? plannedWords(heading) : heading);

/** A list built from conditions: for each reader it holds what they may see. */
export default function Saved({ page }: { page: SavedView }) {
    const [isChanging, setChanging] = useState(false);
    const isNew = page.id === null;

    return (
        <>
            <Head title={isNew ? 'New list' : page.title} />
            <ListNav lists={page.lists} saved={page.saved} at={page.id === null ? route('saved.build') : route('saved.show', page.id)} />
            <div className="sheet-edge min-w-0">
                <div className="mb-3 flex flex-wrap items-end justify-between gap-4">
                    <div>
                        <h1>{isNew ? 'New list' : page.title}</h1>
                        <p className="text-ink-2">
                            {page.sentence}.{page.isShared && ` Shared${page.isMine ? '' : ` by ${page.owner}`}.`}
                        </p>
                    </div>
                    {!isNew && page.isMine && !isChanging && (
                        <Button
                            onClick={() => {
                                setChanging(true);
                            }}
                        >
                            Edit
                        </Button>
                    )}
                </div>
                {(isNew || isChanging) && (
                    <ListBuilder
                        key={page.id}
                        page={page}
                        onDone={() => {
                            setChanging(false);
                        }}
                    />
                )}
                <p role="status" className="mb-1 text-xs text-ink-2">
                    {count(page.total, 'task')}
                </p>
                {page.total === 0 && <Empty>No tasks match.</Empty>}
                {page.groups.map((group) => (
                    <section key={group.heading} className="mb-5">
                        {group.heading !== null && <h2 className="border-b border-rule pb-1 text-base">{headingWords(group.heading)}</h2>}
                        <ul className="divide-y divide-hairline">
                            {group.tasks.map((task) => (
                                <TaskLine key={task.id} task={task} people={page.people} beside={task.for} showsOwner showsTime />
                            ))}
                        </ul>
                    </section>
                ))}
                <More groups={page.groups} total={page.total} />
            </div>
        </>
    );
}
