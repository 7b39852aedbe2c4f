import { Section } from '../signs/Section';
import type { OccurrenceState, RecurringTaskView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

const looks: Record<OccurrenceState, string> = {
    done: 'border-spruce bg-spruce',
    skipped: 'border-rule',
    missed: 'border-ink border-dashed',
};

/** What became of the times of a recurring task: done filled, skipped open, missed dotted; the oldest first. */
export function Times({ page }: { page: RecurringTaskView }) {
    const counts = [
        `${String(page.done)} done`,
        page.skipped > 0 ? `${String(page.skipped)} skipped` : null,
        page.missed > 0 ? `${String(page.missed)} missed` : null,
    ];

    return (
        <Section title="So far" aside={counts.filter(Boolean).join(', ')}>
            <ol className="flex flex-wrap gap-1 pt-1">
                {[...page.occurrences].reverse().map((time) => (
                    <li key={time.on} title={`${dayWords(time.on)}, ${time.state}`} className={`size-4 border ${looks[time.state]}`}>
                        <span className="sr-only">
                            {dayWords(time.on)}, {time.state}
                        </span>
                    </li>
                ))}
            </ol>
        </Section>
    );
}
