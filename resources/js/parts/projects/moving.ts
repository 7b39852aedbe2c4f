import type { ProjectView, StageRow, TaskRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { keepFocusOn } from '../../lib/focus/hold';
import type { Way } from '../task/useLineKeys';

const openIn = (stage: StageRow) => stage.tasks.filter((task) => !task.isDone);

const isProject = (page: unknown): page is ProjectView =>
    typeof page === 'object' && page !== null && 'stages' in page && 'lastIsDone' in page;

/** The project as it will be once a task stands in a stage, before another or last. */
function withMoved(page: ProjectView, id: number, to: number | null, before: number | null): ProjectView {
    const task = page.stages.flatMap((stage) => stage.tasks).find((each) => each.id === id);
    const isLast = page.lastIsDone && page.stages.at(-1)?.id === to;
    const wasLast = page.lastIsDone && (task?.stageId ?? null) === page.stages.at(-1)?.id;

    if (task === undefined) {
        return page;
    }

    const moved: TaskRow = { ...task, stageId: to, isDone: isLast || (task.isDone && !wasLast) };

    return {
        ...page,
        stages: page.stages.map((stage) => {
            const others = stage.tasks.filter((each) => each.id !== id);
            const at = others.findIndex((each) => each.id === before);

            if (stage.id !== to) {
                return { ...stage, tasks: others };
            }

            return { ...stage, tasks: at === -1 ? [...others, moved] : [...others.slice(0, at), moved, ...others.slice(at)] };
        }),
    };
}

/** Moves a task to a stage, before another task or last in it. */
export function moveTo(id: number, stage: number | null, before: number | null, keepsFocus = false): void {
    act(
        'put',
        route('tasks.move', id),
        { stage, before },
        {
            guess: (page) => (isProject(page) ? withMoved(page, id, stage, before) : page),
            ...(keepsFocus
                ? {
                      onDone: () => {
                          keepFocusOn(id);
                      },
                  }
                : {}),
        },
    );

    if (keepsFocus) {
        requestAnimationFrame(() => {
            keepFocusOn(id);
        });
    }
}

/** Moves a task one place on, within its stage or to the one beside it. */
export function moveBy(page: ProjectView, task: TaskRow, way: Way): void {
    const place = page.stages.findIndex((stage) => stage.tasks.some((each) => each.id === task.id));
    const stage = page.stages[place];
    const beside = page.stages[place + (way === 'right' ? 1 : -1)];

    if (stage === undefined) {
        return;
    }

    if (way === 'left' || way === 'right') {
        if (beside !== undefined) {
            moveTo(task.id, beside.id, null, true);
        }

        return;
    }

    const open = openIn(stage);
    const at = open.findIndex((each) => each.id === task.id);

    if (way === 'up' && at > 0) {
        moveTo(task.id, stage.id, open[at - 1]?.id ?? null, true);
    } else if (way === 'down' && at !== -1 && at < open.length - 1) {
        moveTo(task.id, stage.id, open[at + 2]?.id ?? null, true);
    }
}
