import { clsx } from 'clsx';
import { Cord } from '../signs/Cord';
import type { TaskRow } from '../../generated/props';

interface Props {
    task: TaskRow;
    isChosen: boolean;
    onChoose: () => void;
}

/** A task of which one is chosen. */
export function TaskTitle({ task, isChosen, onChoose }: Props) {
    return (
        <li>
            <button
                type="button"
                aria-pressed={isChosen}
                className={clsx(
                    'flex min-h-8 w-full items-center gap-3 border-b border-hairline text-left hover:bg-faint pointer-coarse:min-h-11',
                    isChosen && 'font-semibold',
                )}
                onClick={onChoose}
            >
                <span aria-hidden className={clsx('w-0.5 self-stretch', isChosen ? 'bg-ink' : 'bg-transparent')} />
                <span className="two-lines min-w-0 flex-1" title={task.title}>
                    {task.title}
                </span>
                <Cord cord={task.cord} />
            </button>
        </li>
    );
}
