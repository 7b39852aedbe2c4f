import type { ProjectView } from '../../generated/props';
import { dayWords } from '../../lib/dates';

/** Who changed what, the newest first. */
export function History({ page }: { page: ProjectView }) {
    return page.history.length === 0 ? null : (
        <details className="mt-6 border-t border-rule pt-2">
            <summary className="cursor-pointer text-ink-2">What was changed</summary>
            <ul className="divide-y divide-hairline">
                {page.history.map((row) => (
                    <li key={row.id} className="flex gap-4 py-1">
                        <span className="w-20 flex-none text-xs leading-5 text-ink-2">{dayWords(row.on)}</span>
                        <span className="min-w-0">
                            {row.by.name} {row.words}
                            {row.what !== null && <> “{row.what}”</>}
                        </span>
                    </li>
                ))}
            </ul>
        </details>
    );
}
