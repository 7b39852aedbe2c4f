import type { OfferedLine } from '../../generated/props';
import { dateWords } from '../../lib/dates';

/** Lines that are taken into what one writes by one press each. */
export function OfferedLines({ lines, takeIn }: { lines: OfferedLine[]; takeIn: (line: string) => void }) {
    return (
        <ul className="divide-y divide-hairline">
            {lines.map((line) => (
                <li key={`${line.from} ${line.text}`}>
                    <button
                        type="button"
                        className="flex min-h-8 w-full items-baseline gap-3 py-1 text-left hover:bg-faint pointer-coarse:min-h-11"
                        onClick={() => {
                            takeIn(line.text);
                        }}
                    >
                        <span aria-hidden className="font-mono text-ink-2">
                            +
                        </span>
                        <span className="two-lines min-w-0 flex-1" title={line.words}>
                            {line.words}
                        </span>
                        <span className="flex-none text-xs text-ink-2">
                            {[line.from, line.on === null ? '' : dateWords(line.on)].filter((each) => each !== '').join(', ')}
                        </span>
                    </button>
                </li>
            ))}
        </ul>
    );
}
