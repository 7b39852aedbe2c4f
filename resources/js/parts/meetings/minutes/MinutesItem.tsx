import { clsx } from 'clsx';
import type { MinutesItem as Item } from '../../../generated/props';
import { first, outcomeWords } from '../../../lib/words';

/** An item of the minutes with its lines, each with who wrote it. */
export function MinutesItem({ item }: { item: Item }) {
    const isReached = item.at !== null;

    return (
        <li className="grid grid-cols-[56px_1fr] gap-x-4 border-t border-hairline py-2">
            <span className="font-mono text-xs leading-5 text-ink-2">{item.at}</span>
            <div className="min-w-0">
                <h3 className={clsx('flex flex-wrap items-center gap-x-3 text-base', !isReached && 'text-ink-2')}>
                    {item.title}
                    <span className="text-xs font-normal text-ink-2">
                        {item.outcome !== null ? outcomeWords[item.outcome] : isReached ? '' : 'not reached'}
                    </span>
                </h3>
                {item.followUps.map((step) => (
                    <p key={step.task}>
                        {step.what}, {first(step.who)}: <span className="text-ink-2">{step.answer ?? 'not asked about'}</span>
                    </p>
                ))}
                {item.lines.map((line, place) => (
                    <p key={place} className="flex min-h-5 gap-4">
                        <span className="max-w-prose min-w-0 flex-1 wrap-anywhere whitespace-pre-wrap">{line.words}</span>
                        <span className="flex-none text-xs text-ink-2" title={line.at}>
                            {line.who !== null && line.who !== item.lines[place - 1]?.who && first(line.who)}
                            {line.correctedBy != null && ` corrected by ${first(line.correctedBy)}`}
                        </span>
                    </p>
                ))}
            </div>
        </li>
    );
}
