import { clsx } from 'clsx';
import type { ItemRow, RoomView } from '../../../generated/props';
import { first, rankWords } from '../../../lib/words';

/** How many px a minute takes. */
const SCALE = 6;

interface Props {
    page: RoomView;
    passed: number;
    shown: number | null;
    onChoose: (item: number) => void;
}

/** The agenda to the scale of minutes. Overrun is hatched; what no longer fits has dropped below the end. */
export function TimeStrip({ page, passed, shown, onChoose }: Props) {
    const fits = page.items.filter((item) => item.state !== 'wont_fit');
    const dropped = page.items.filter((item) => item.state === 'wont_fit');
    const late = Math.max(0, Math.round((endOf(fits, passed) - page.minutes * 60) / 60));
    const tooMuch = dropped.reduce((sum, item) => sum + item.minutes + item.extra, 0);

    return (
        <>
            <ol>
                {fits.map((item) => (
                    <Bar key={item.id} item={item} passed={passed} isShown={item.id === shown} onChoose={onChoose} />
                ))}
            </ol>
            <p className="flex justify-between border-t-2 border-ink pt-1 text-xs">
                <span className="font-mono">{page.ends}</span>
                {(late > 0 || tooMuch > 0) && (
                    <span className="font-semibold text-persimmon">
                        {[late > 0 ? `${String(late)} min late` : null, tooMuch > 0 ? `${String(tooMuch)} min will not fit` : null]
                            .filter(Boolean)
                            .join(', ')}
                    </span>
                )}
            </p>
            <ol>
                {dropped.map((item) => (
                    <li key={item.id} className="grid grid-cols-[52px_14px_1fr] items-start gap-x-3 py-1 text-persimmon">
                        <span />
                        <span aria-hidden className="h-5 rotate-3 border border-dashed border-persimmon" />
                        <button
                            type="button"
                            className="text-left hover:underline"
                            onClick={() => {
                                onChoose(item.id);
                            }}
                        >
                            {item.title} <span className="text-xs text-ink-2">{reason(item)}</span>
                        </button>
                    </li>
                ))}
            </ol>
        </>
    );
}

/** The seconds from the opening to the end, as it looks now. */
function endOf(items: ItemRow[], passed: number): number {
    return items.reduce(
        (sum, item) =>
            sum +
            (item.spent === null
                ? (item.minutes + item.extra) * 60
                : item.state === 'current'
                  ? Math.max(item.spent + passed, (item.minutes + item.extra) * 60)
                  : item.spent),
        0,
    );
}

function reason(item: ItemRow): string {
    return [item.who === null ? null : first(item.who), item.issue === null ? null : rankWords(item.issue.rank)].filter(Boolean).join(', ');
}

function Bar({ item, passed, isShown, onChoose }: { item: ItemRow; passed: number; isShown: boolean; onChoose: (item: number) => void }) {
    const isCurrent = item.state === 'current';
    const spent = item.spent === null ? 0 : (item.spent + (isCurrent ? passed : 0)) / 60;
    const length = item.state === 'done' ? Math.max(spent, 0.5) : Math.max(item.minutes + item.extra, spent);
    const over = Math.max(0, spent - item.minutes);
    const share = (minutes: number) => `${String((minutes / Math.max(length, 0.1)) * 100)}%`;

    return (
        <li
            className={clsx('grid grid-cols-[52px_14px_1fr_auto] gap-x-3', isCurrent && 'border-y-2 border-ink')}
            style={{ minHeight: `${String(Math.max(26, length * SCALE))}px` }}
            aria-current={isCurrent ? 'step' : undefined}
        >
            <span className="pt-0.5 font-mono text-xs text-ink-2">{item.at}</span>
            <span
                aria-hidden
                className={clsx(
                    'relative my-px',
                    item.state === 'coming' ? 'border border-rule bg-faint' : isCurrent ? 'bg-faint' : 'bg-done',
                )}
            >
                {isCurrent && <span className="absolute inset-x-0 top-0 bg-spruce" style={{ height: share(Math.min(spent, length)) }} />}
                {over > 0 && <span className="hatch absolute inset-x-0 bottom-0 bg-sheet" style={{ height: share(over) }} />}
                {isCurrent && <span className="absolute -inset-x-2 h-0.5 bg-chalk" style={{ top: share(Math.min(spent, length)) }} />}
            </span>
            <button
                type="button"
                onClick={() => {
                    onChoose(item.id);
                }}
                className="min-w-0 self-start py-0.5 text-left hover:underline"
            >
                <span
                    className={clsx(
                        isCurrent ? 'font-bold' : item.state === 'coming' ? 'font-semibold' : 'text-ink-2',
                        isShown && !isCurrent && 'underline',
                    )}
                >
                    {item.title}
                </span>{' '}
                <span className="text-xs text-ink-2">{reason(item)}</span>
            </button>
            <span className={clsx('pt-0.5 text-right font-mono text-xs', over >= 1 ? 'font-semibold' : 'text-ink-2')}>
                {item.minutes} min
                {over >= 1 && `, ${String(Math.round(over))} over`}
            </span>
        </li>
    );
}
