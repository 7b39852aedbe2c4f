import type { Option } from '../../generated/props';
import { bind } from '../../lib/forms';
import { grouped } from '../../lib/options';
import { useLikelyGoal } from '../../lib/useLikelyGoal';
import { needWords } from '../../lib/words';
import { DateField } from '../../ui/DateField';
import { TextArea, TextField } from '../../ui/Field';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/Select';

export interface IssueData {
    title: string;
    context: string;
    source: string;
    need: string;
    rank: string;
    minutes: string;
    project: string;
    goal: string;
    forOn: string;
}

export const noIssue: IssueData = {
    ...{ title: '', context: '', source: '', need: 'decision', rank: '', minutes: '', project: '', goal: '', forOn: '' },
};

interface Props {
    form: { data: IssueData; errors: object; setData: unknown };
    projects: Option[];
    goals?: Option[];
}

/** What can be said of an issue besides its title. */
export function IssueFields({ form, projects, goals = [] }: Props) {
    const { title, goal, project } = form.data;
    const likely = useLikelyGoal(goal === '' && project === '' ? title : '');
    const offered = likely === null || goals.some(({ value }) => value === likely.value) ? goals : [...goals, likely];

    return (
        <>
            <TextArea label="Context" rows={2} className="w-full" {...bind(form, 'context')} />
            <SelectField
                label="Should end in"
                className="w-40"
                {...bind(form, 'need')}
                options={Object.entries(needWords).map(([value, label]) => ({ value, label }))}
            />
            <SelectField
                label="Cost of waiting"
                className="w-44"
                {...bind(form, 'rank')}
                none="not ranked"
                options={[
                    { value: 'A', label: 'gets worse each week' },
                    { value: 'B', label: 'costs something' },
                    { value: 'C', label: 'costs nothing' },
                ]}
            />
            {projects.length > 0 && (
                <SelectField label="Project" className="w-48" {...bind(form, 'project')} none="no project" options={grouped(projects)} />
            )}
            {offered.length > 0 && (
                <SelectField label="Goal" className="w-48" {...bind(form, 'goal')} none="no goal" options={grouped(offered)} />
            )}
            {likely !== null && goal === '' && project === '' && (
                <p className="w-full text-xs text-ink-2">
                    Likely about “{likely.label}”.{' '}
                    <button
                        type="button"
                        className="link"
                        onClick={() => {
                            bind(form, 'goal').onChange(likely.value);
                        }}
                    >
                        Link to this goal
                    </button>
                </p>
            )}
            <NumberField label="Min" min={1} max={600} className="w-20" placeholder="5" {...bind(form, 'minutes')} />
            <TextField
                label="Source"
                className="min-w-48 flex-1"
                maxLength={500}
                placeholder="a message, a customer's request"
                {...bind(form, 'source')}
            />
            <DateField label="Only for the meeting on" className="w-44" {...bind(form, 'forOn')} />
        </>
    );
}
