import { AddStep } from './AddStep';
import { Prose } from '../signs/Prose';
import { Section } from '../signs/Section';
import type { StepRow, TaskView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { withRecord } from '../../lib/queue/guess';
import { route } from '../../lib/routes';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';

/** The steps of a task, ticked where they stand. */
export function TaskSteps({ page }: { page: TaskView }) {
    const done = page.steps.filter((step) => step.isDone).length;

    return (
        <Section
            title="Steps"
            aside={page.steps.length > 0 ? `${String(done)} of ${String(page.steps.length)}; the last one completes the task` : undefined}
        >
            <ul className="divide-y divide-hairline">
                {page.steps.map((step) => (
                    <Step key={step.id} step={step} />
                ))}
            </ul>
            <AddStep task={page.task} />
        </Section>
    );
}

function Step({ step }: { step: StepRow }) {
    return (
        <li className="group/step flex min-h-8 items-center gap-3">
            <Tick
                label={`Done: ${step.title}`}
                isOn={step.isDone}
                onToggle={() => {
                    const isDone = !step.isDone;
                    act('put', route('steps.tick', step.id), { done: isDone }, { guess: withRecord(step.id, { isDone }, 'howTo') });
                }}
            />
            <span className="min-w-0 flex-1">
                <span className={step.isDone ? 'text-ink-2 line-through' : undefined}>{step.title}</span>
                {step.howTo !== null && (
                    <details>
                        <summary className="cursor-pointer text-xs link">How to</summary>
                        <Prose html={step.howTo} />
                    </details>
                )}
            </span>
            <span className="opacity-0 group-focus-within/step:opacity-100 group-hover/step:opacity-100 pointer-coarse:opacity-100">
                <Button
                    kind="quiet"
                    aria-label={`Delete ${step.title}`}
                    onClick={() => {
                        act('delete', route('steps.destroy', step.id));
                    }}
                >
                    Delete
                </Button>
            </span>
        </li>
    );
}
