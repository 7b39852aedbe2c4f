import type { LogTag } from '../../generated/props';

/** What a line of the log is found again by. */
export function TagMark({ tag }: { tag: LogTag | null }) {
    return tag === null ? null : <span className="inline-block border border-rule px-1.5 text-xs text-ink-2">{tag}</span>;
}
