import { clsx } from 'clsx';
import type { MinutesItem } from '../../../generated/props';

/** What each item took, to scale, against what was planned for it. What went over is hatched. */
export function TimeSpent({ items }: { items: MinutesItem[] }) {
    const lines = items.map((item, place) => ({ ...item, place, minutes: item.planned }));
    const longest = Math.max(1, ...lines.map((line) => Math.max(line.minutes, line.took ?? 0)));
    const width = (minutes: number) => `${String((minutes / longest) * 100)}%`;

    return (
        <ul>
            {lines.map((line) => (
                <li key={line.place} className="border-t border-hairline py-1.5 text-xs">
                    <p className="flex justify-between gap-3">
                        <span className={clsx('truncate', line.took === null && 'text-ink-2')} title={line.title}>
                            {line.title}
                        </span>
                        <span
                            className={clsx(
                                'flex-none font-mono',
                                line.took !== null && line.took > line.minutes ? 'font-semibold' : 'text-ink-2',
                            )}
                        >
                            {line.took === null ? 'not reached' : `${String(Math.round(line.took))} of ${String(line.minutes)} min`}
                        </span>
                    </p>
                    <span aria-hidden className="relative mt-1 block h-1.5">
                        <span className="absolute inset-y-0 left-0 border border-rule" style={{ width: width(line.minutes) }} />
                        <span
                            className="absolute inset-y-0 left-0 bg-done"
                            style={{ width: width(Math.min(line.took ?? 0, line.minutes)) }}
                        />
                        {line.took !== null && line.took > line.minutes && (
                            <span
                                className="hatch absolute inset-y-0"
                                style={{ left: width(line.minutes), width: width(line.took - line.minutes) }}
                            />
                        )}
                    </span>
                </li>
            ))}
        </ul>
    );
}
