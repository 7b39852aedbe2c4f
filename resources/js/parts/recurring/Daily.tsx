import type { DailyLine } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Tick } from '../../ui/Tick';

/** The daily checklist. */
export function Daily({ lines }: { lines: DailyLine[] }) {
    return (
        <ul className="columns-2 gap-8 max-sm:columns-1">
            {lines.map((line) => (
                <li key={line.id} className="flex min-h-8 break-inside-avoid items-center gap-3">
                    <Tick
                        label={`Done today: ${line.title}`}
                        isOn={line.isDone}
                        onToggle={() => {
                            act('put', route('recurring-tasks.daily', line.id), { done: !line.isDone });
                        }}
                    />
                    <span className={line.isDone ? 'text-ink-2 line-through' : undefined}>{line.title}</span>
                </li>
            ))}
        </ul>
    );
}
