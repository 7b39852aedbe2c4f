import { Link, usePage } from '@inertiajs/react';
import { clsx } from 'clsx';
import { AddToStage } from './AddToStage';
import { CanStart } from './CanStart';
import { moveTo } from './moving';
import { Stage } from './Stage';
import { Dragging } from '../task/Dragging';
import { useMarks } from '../task/marked';
import type { ProjectView } from '../../generated/props';
import { route } from '../../lib/routes';
import { changeMany } from '../../lib/tasks';

const COLUMNS = 'as=columns';

/** The tasks of a project: what can start now first, then stage by stage as rulers; or all of it as columns. */
export function Stages({ page }: { page: ProjectView }) {
    const { url } = usePage();
    const marks = useMarks();
    const areColumns = url.includes(COLUMNS) && page.stages.length > 1;
    const tasks = page.stages.flatMap((stage) => stage.tasks);
    const titleOf = (id: number) => tasks.find((task) => task.id === id)?.title ?? '';
    const isOpen = ['active', 'proposed', 'paused'].includes(page.project.state);

    // What is selected stands last in the stage.
    const drop = (ids: number[], target: { stage: number | null; before: number | null }) => {
        const [id] = ids;

        if (ids.length > 1 && target.stage !== null) {
            changeMany(ids, 'stage', String(target.stage));
            marks.clear();
        } else if (ids.length === 1 && id !== undefined && target.before !== id) {
            moveTo(id, target.stage, target.before);
        }
    };

    return (
        <Dragging titleOf={titleOf} onDrop={drop}>
            <div className="mt-5 flex items-center gap-6 border-t border-rule pt-1">
                <div className="min-w-0 flex-1">{isOpen && <AddToStage page={page} />}</div>
                {page.stages.length > 1 && (
                    <p className="flex flex-none gap-4 text-xs" role="group" aria-label="Layout of the stages">
                        <Layout href={route('projects.show', page.project.id)} isOn={!areColumns} words="Rows" />
                        <Layout href={`${route('projects.show', page.project.id)}?${COLUMNS}`} isOn={areColumns} words="Columns" />
                    </p>
                )}
            </div>
            {areColumns ? (
                <div
                    className={clsx(
                        'grid auto-cols-[minmax(200px,1fr)] grid-flow-col',
                        'overflow-x-auto border-t border-hairline max-md:auto-cols-[78vw]',
                    )}
                >
                    {page.stages.map((stage) => (
                        <Stage key={stage.id ?? 0} stage={stage} page={page} isColumn />
                    ))}
                </div>
            ) : (
                <>
                    <CanStart page={page} />
                    {page.stages.map((stage) => (
                        <Stage key={stage.id ?? 0} stage={stage} page={page} />
                    ))}
                </>
            )}
        </Dragging>
    );
}

function Layout({ href, isOn, words }: { href: string; isOn: boolean; words: string }) {
    return (
        <Link
            href={href}
            preserveScroll
            preserveState
            aria-current={isOn ? 'true' : undefined}
            className={isOn ? 'border-b border-ink font-semibold' : 'text-ink-2 hover:text-ink'}
        >
            {words}
        </Link>
    );
}
