import type { ProjectView } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** Who changed what, the newest first. */
export function History({ page }: { page: ProjectView }) {
    return page.history.length === 0 ? null : (
        <details className="mt-6 border-t border-rule pt-2">
            <summary className="cursor-pointer text-ink-2">History</summary>
            <ul className="divide-y divide-hairline">
                {page.history.map((row) => (
                    <li key={row.id} className="flex gap-4 py-1">
                        <span className="w-20 flex-none text-xs leading-5 text-ink-2">{dayWords(row.on)}</span>
                        <span className="min-w-0 flex-1">
                            {row.by.name} {row.words}
                            {row.what !== null && <> “{row.what}”</>}
                        </span>
                        {row.mayUndo && (
                            <button
                                type="button"
                                className="text-xs text-ink-2 hover:text-ink hover:underline"
                                onClick={() => {
                                    act('post', route('undo', row.batch));
                                }}
                            >
                                Undo
                            </button>
                        )}
                    </li>
                ))}
            </ul>
        </details>
    );
}
