import type { TaskRow } from '../../generated/props';
import { tick } from '../../lib/tasks';
import { Tick } from '../../ui/Tick';

/** Ticks a task, unless it was put aside. */
export function TaskTick({ task }: { task: TaskRow }) {
    return (
        <Tick
            label={`Done: ${task.title}`}
            isOn={task.isDone}
            disabled={task.isAside}
            onToggle={() => {
                tick(task);
            }}
        />
    );
}
