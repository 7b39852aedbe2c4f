import type { DailyLine } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Tick } from '../../ui/Tick';

interface HasDaily {
    daily: DailyLine[];
}

const hasDaily = (page: unknown): page is HasDaily => typeof page === 'object' && page !== null && 'daily' in page;

/** A page on which a line of the daily checklist is ticked, or is not any more. */
const withTicked =
    (id: number, isDone: boolean) =>
    (page: unknown): unknown =>
        hasDaily(page) ? { ...page, daily: page.daily.map((line) => (line.id === id ? { ...line, isDone } : line)) } : page;

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
                            const isDone = !line.isDone;
                            const guess = withTicked(line.id, isDone);
                            act('put', route('recurring-tasks.daily', line.id), { done: isDone }, { guess });
                        }}
                    />
                    <span className={line.isDone ? 'text-ink-2 line-through' : undefined}>{line.title}</span>
                </li>
            ))}
        </ul>
    );
}
