import { clsx } from 'clsx';
import { stepWords } from './steps';
import type { PlanningView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';

/** The steps of the pass: where one is, and the way to any of them. */
export function Steps({ page }: { page: PlanningView }) {
    return (
        <nav aria-label="Steps" className="mb-5">
            <ol className="flex flex-wrap border-b border-hairline">
                {page.steps.map((step, place) => (
                    <li key={step} className="mr-6">
                        <button
                            type="button"
                            aria-current={step === page.step ? 'step' : undefined}
                            onClick={() => {
                                act('put', route('planning.step', { stretch: page.stretch.name, step }));
                            }}
                            className={clsx(
                                '-mb-px flex min-h-9 items-baseline gap-2 border-b-3 pt-2 text-sm',
                                step === page.step ? 'border-ink font-semibold' : 'border-transparent text-ink-2 hover:text-ink',
                            )}
                        >
                            <span className="font-mono text-xs">{place + 1}</span>
                            {stepWords[step].name}
                        </button>
                    </li>
                ))}
            </ol>
        </nav>
    );
}
