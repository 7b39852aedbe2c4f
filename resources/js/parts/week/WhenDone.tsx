import { Link } from '@inertiajs/react';
import { Section } from '../signs/Section';
import type { WhenDone as WhenDoneProps } from '../../generated/props';

/** What the end of a task will move. */
export function WhenDone({ effect }: { effect: WhenDoneProps }) {
    return (
        <Section title="When it is done">
            {effect.project !== null && (
                <p className="flex flex-wrap justify-between gap-x-3 text-sm">
                    <span>{effect.project}</span>
                    <span className="font-mono text-xs whitespace-nowrap">
                        {effect.before}%<span aria-hidden> → </span>
                        <span className="sr-only"> becomes </span>
                        <b>{effect.after}%</b>
                    </span>
                </p>
            )}
            {effect.starts.map((task) => (
                <p key={task.value} className="text-sm">
                    <Link href={task.value} className="link">
                        {task.label}
                    </Link>{' '}
                    can start.
                </p>
            ))}
        </Section>
    );
}
