import type { RoomView } from '../../../generated/props';
import { act } from '../../../lib/queue/act';
import { dayWords } from '../../../lib/dates';
import { route } from '../../../lib/routes';
import { Button } from '../../../ui/Button';

/** Next steps that somebody noted for whoever looks: they say yes to them while all are there. */
export function ToConfirm({ page }: { page: RoomView }) {
    return page.toConfirm.length === 0 ? null : (
        <section aria-label="For you to confirm" className="mb-4 border-y-2 border-ink py-1">
            <ul>
                {page.toConfirm.map((task) => (
                    <li key={task.id} className="flex flex-wrap items-center gap-3 py-1">
                        <span className="min-w-0 flex-1">
                            <span className="text-xs text-ink-2">Next step for you: </span>
                            <strong>{task.title}</strong>
                            {task.dueOn !== null && <span className="text-ink-2">, by {dayWords(task.dueOn)}</span>}
                        </span>
                        <Button
                            onClick={() => {
                                act('put', route('tasks.confirm', task.id));
                            }}
                        >
                            Confirm
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
