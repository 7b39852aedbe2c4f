import type { TemplateStepValues, TemplateTaskValues } from '../../generated/props';
import { count } from '../../lib/words';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';
import { TextArea, TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';

interface Props {
    task: TemplateTaskValues;
    place: number;
    errors: Partial<Record<string, string>>;
    onChange: (steps: TemplateStepValues[]) => void;
}

/** The steps of a task of a template, each with a page that says how it is done. */
export function StepsDialog({ task, place, errors, onChange }: Props) {
    return (
        <DialogButton
            words={task.steps.length === 0 ? 'Steps' : count(task.steps.length, 'step')}
            kind="quiet"
            className="w-24"
            title={task.title === '' ? 'Steps' : `Steps of “${task.title}”`}
            hint="How-to pages are written in Markdown and can be read from every task made from this one."
            size="l"
        >
            {(close) => (
                <div className="space-y-4">
                    <Rows
                        legend="Steps"
                        rows={task.steps}
                        keyOf={(step) => step.id}
                        onChange={onChange}
                        add={{ words: 'Add a step', row: { id: null, title: '', howTo: '' } }}
                    >
                        {(step, set, at) => (
                            <div className="min-w-0 flex-1 space-y-1">
                                <TextField
                                    label={`Step ${String(at + 1)}`}
                                    isLabelHidden
                                    placeholder="Step"
                                    maxLength={200}
                                    value={step.title}
                                    error={errors[`tasks.${String(place)}.steps.${String(at)}.title`]}
                                    onChange={(event) => {
                                        set({ title: event.target.value });
                                    }}
                                />
                                <TextArea
                                    label={`How to do step ${String(at + 1)}`}
                                    isLabelHidden
                                    placeholder="How-to page"
                                    rows={2}
                                    maxLength={20000}
                                    value={step.howTo}
                                    onChange={(event) => {
                                        set({ howTo: event.target.value });
                                    }}
                                />
                            </div>
                        )}
                    </Rows>
                    <p className="text-xs text-ink-2">They are saved with the template.</p>
                    <Button onClick={close}>Back to the template</Button>
                </div>
            )}
        </DialogButton>
    );
}
