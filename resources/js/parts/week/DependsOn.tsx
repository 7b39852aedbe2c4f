import { CheckList } from '../fields/CheckList';
import { Section } from '../signs/Section';
import type { TaskView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';

/** The tasks of its project that are to be done before it: until then it cannot be done. */
export function DependsOn({ page }: { page: TaskView }) {
    if (page.before.length === 0) {
        return null;
    }

    return (
        <Section
            title="Depends on"
            aside={page.after.length === 0 ? 'nothing' : `${String(page.after.length)} of the project`}
            className="mt-6"
        >
            <details>
                <summary className="cursor-pointer link">Choose tasks to finish first</summary>
                <CheckList
                    legend="To finish first"
                    choices={page.before.map((task) => ({ value: Number(task.value), words: task.label }))}
                    chosen={page.after}
                    onChange={(after) => {
                        act('put', route('tasks.after', page.task.id), { after, seen: { after: page.after } });
                    }}
                />
            </details>
        </Section>
    );
}
