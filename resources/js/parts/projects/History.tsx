import { Folded } from './Folded';
import { Section } from '../signs/Section';
import type { ProjectView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';

/** How many of the last changes are in sight. */
const SHOWN = 4;

/** Who changed what, the newest first. */
export function History({ page }: { page: ProjectView }) {
    return page.history.length === 0 ? null : (
        <Section title="History">
            <Folded shown={SHOWN} rest={(more) => `${String(more)} earlier`}>
                {page.history.map((row) => (
                    <li key={row.id} className="flex gap-3 py-1.5 text-sm">
                        <span className="w-20 flex-none font-mono text-xs leading-5 text-ink-2">{dayWords(row.on)}</span>
                        <span className="min-w-0 flex-1">
                            {row.by.name} {row.words}
                            {row.what !== null && <> “{row.what}”</>}
                        </span>
                        {row.mayUndo && (
                            <button
                                type="button"
                                aria-label={`Undo: ${row.words}${row.what === null ? '' : ` “${row.what}”`}`}
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
            </Folded>
        </Section>
    );
}
