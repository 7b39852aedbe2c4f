import type { ReactNode } from 'react';
import { Row } from './DayRow';
import { Trial } from '../planning/Trial';
import type { ResolveKind, ResolveRow } from '../../generated/props';

const of = (resolves: ResolveRow[], kind: ResolveKind) => resolves.filter((resolve) => resolve.kind === kind);

/** What carries most, with its share of the work of the week, and what we gave up to have room for it. */
export function InSight({ resolves }: { resolves: ResolveRow[] }) {
    const [drivers, given] = [of(resolves, 'driver'), of(resolves, 'give_up')];

    if (drivers.length === 0 && given.length === 0) {
        return null;
    }

    return (
        <Row label={<h2 className="text-base">Main efforts and trade-offs</h2>} hint="this quarter">
            <ul className="grid grid-cols-2 gap-x-8 py-1 max-md:grid-cols-1">
                {drivers.map((driver) => (
                    <li key={driver.id} className="flex items-baseline justify-between gap-3 border-b border-hairline py-1">
                        <span>{driver.title}</span>
                        {driver.share !== null && (
                            <span className="font-mono text-xs whitespace-nowrap text-ink-2" title="of the work done this week">
                                {driver.share}%
                            </span>
                        )}
                    </li>
                ))}
                {given.map((each) => (
                    <li key={each.id} className="border-b border-hairline py-1 text-ink-2">
                        trade-off: {each.title}
                    </li>
                ))}
            </ul>
        </Row>
    );
}

/** What we try and what we learn. */
export function TrialsAndSkills({ resolves }: { resolves: ResolveRow[] }) {
    const [trials, skills] = [of(resolves, 'trial'), of(resolves, 'skill')];

    return (
        <>
            {skills.length > 0 && (
                <Few title="We learn">
                    {skills.map((skill) => (
                        <li key={skill.id} className="py-1">
                            {skill.title} <span className="text-xs text-ink-2">{skill.owner.name}</span>
                        </li>
                    ))}
                </Few>
            )}
            {trials.length > 0 && (
                <Few title="Assumption">
                    {trials.map((trial) => (
                        <Trial key={trial.id} trial={trial} />
                    ))}
                </Few>
            )}
        </>
    );
}

function Few({ title, children }: { title: string; children: ReactNode }) {
    return (
        <div className="mt-5 border-t border-rule pt-2">
            <h2 className="text-base">{title}</h2>
            <ul>{children}</ul>
        </div>
    );
}
