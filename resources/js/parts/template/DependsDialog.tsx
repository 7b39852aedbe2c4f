import { CheckList } from '../fields/CheckList';
import type { TemplateTaskValues } from '../../generated/props';
import { Button } from '../../ui/Button';
import { DialogButton } from '../../ui/DialogButton';

interface Props {
    task: TemplateTaskValues;
    tasks: TemplateTaskValues[];
    onChange: (after: string[]) => void;
}

/** The tasks of a template that are to be finished before another can be started. */
export function DependsDialog({ task, tasks, onChange }: Props) {
    const others = tasks.map((each, place) => ({ ...each, place })).filter(({ key }) => key !== task.key);
    const count = others.filter(({ key }) => task.after.includes(key)).length;

    return (
        <DialogButton
            words={count === 0 ? 'Depends on' : `After ${String(count)}`}
            kind="quiet"
            className="w-28"
            title={task.title === '' ? 'Depends on' : `What “${task.title}” depends on`}
            hint="In each project it can be started once these are done."
            size="l"
        >
            {(close) => (
                <div className="space-y-4">
                    <CheckList
                        legend="Choose tasks to finish first"
                        choices={others.map(({ place, title }) => ({
                            value: place,
                            words: title === '' ? `Task ${String(place + 1)}` : title,
                        }))}
                        chosen={others.filter(({ key }) => task.after.includes(key)).map(({ place }) => place)}
                        onChange={(chosen) => {
                            onChange(others.filter(({ place }) => chosen.includes(place)).map(({ key }) => key));
                        }}
                    />
                    <p className="text-xs text-ink-2">They are saved with the template.</p>
                    <Button onClick={close}>Back to the template</Button>
                </div>
            )}
        </DialogButton>
    );
}
