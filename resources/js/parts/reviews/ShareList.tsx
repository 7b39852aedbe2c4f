import type { DoneShare } from '../../generated/props';
import { hoursWords } from '../../lib/dates';

/** Parts of the work in hours and share, to be read alone. */
export function ShareList({ title, shares }: { title: string; shares: DoneShare[] }) {
    return shares.length === 0 ? null : (
        <div className="min-w-0">
            <h3 className="border-b border-hairline pb-1 text-sm">{title}</h3>
            <ul>
                {shares.map((share) => (
                    <li key={share.title} className="flex items-baseline justify-between gap-3 border-b border-hairline py-1">
                        <span className="min-w-0 truncate" title={share.title}>
                            {share.title}
                        </span>
                        <span className="flex-none font-mono text-xs">
                            {hoursWords(share.minutes)} <span className="text-ink-2">{share.share}%</span>
                        </span>
                    </li>
                ))}
            </ul>
        </div>
    );
}
