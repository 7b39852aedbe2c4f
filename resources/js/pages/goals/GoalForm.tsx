import { Head } from '@inertiajs/react';
import { useForm, type Form } from '../../lib/kept/useForm';
import type { GoalFormView, MeasureKind, GoalValues } from '../../generated/props';
import { bind, bindCheck, bindRecord, saving } from '../../lib/forms';
import { grouped } from '../../lib/options';
import { route } from '../../lib/routes';
import { CheckList } from '../../parts/fields/CheckList';
import { RecordField } from '../../parts/fields/Choose';
import { OwnerAndArea } from '../../parts/fields/OwnerAndArea';
import { SaveLine } from '../../parts/fields/SaveLine';
import { CheckpointFields } from '../../parts/goals/CheckpointFields';
import { MeasureFields } from '../../parts/goals/MeasureFields';
import { EffectOnFigures } from '../../parts/goals/EffectOnFigures';
import { SeenByFields } from '../../parts/goals/SeenByFields';
import { TextArea, TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';
import { Check } from '../../ui/Check';

/** What grows from day to day, and could be behind on its first. */
const growing: MeasureKind[] = ['work', 'number', 'count'];

const measures: [MeasureKind, string][] = [
    ['work', 'Progress of the work'],
    ['number', 'A number going up or down'],
    ['count', 'A count of completed items'],
    ['keep', 'Staying within a limit'],
    ['yes_no', 'Yes or no'],
    ['judged', 'In words, without a number'],
];

/** Title, period and parent are enough; the rest when wanted. */
export default function GoalForm({ page }: { page: GoalFormView }) {
    const { goal } = page;
    const form = useForm(`goal ${String(goal.id)} ${String(goal.parent)} ${String(goal.predecessor)}`, goal);
    const { data, errors } = form;
    const isYear = page.periods.some((period) => period.value === data.period && period.group === 'year');
    const isWeek = data.period.includes('W');

    const save = saving(form, goal.id, route('goals.store'), (id) => route('goals.update', id));

    return (
        <div className="sheet-edge max-w-2xl">
            <Head title={goal.id === null ? 'New goal' : `Edit ${goal.title}`} />
            <h1 className="mb-5">{goal.id === null ? 'New goal' : 'Edit the goal'}</h1>
            {page.brings !== null && <p className="mb-5 border-y border-hairline py-2 text-sm">{page.brings}</p>}
            <form onSubmit={save} className="space-y-5">
                <TextField label="What should be true by the end?" autoFocus={goal.id === null} maxLength={200} {...bind(form, 'title')} />
                <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
                    <SelectField label="Period" {...bind(form, 'period')} options={grouped(page.periods)} />
                    <RecordField
                        label="Contributes to"
                        none="Not linked to a goal"
                        options={page.parents}
                        {...bindRecord(form, 'parent')}
                    />
                </div>
                <SelectField
                    label="Measured by"
                    {...bind(form, 'measure')}
                    options={measures.map(([value, words]) => ({ value, label: words }))}
                />
                <MeasureFields data={data} errors={errors} set={form.setData} />
                {goal.id === null && goal.predecessor === null && <FromToday page={page} data={data} set={form.setData} />}
                <details className="border-t border-rule pt-3" open={goal.id !== null || Object.keys(errors).length > 0}>
                    <summary className="cursor-pointer font-semibold">More details</summary>
                    <MoreDetails page={page} form={form} isYear={isYear} isWeek={isWeek} />
                </details>
                {goal.id !== null && form.isDirty && <EffectOnFigures url={route('goals.preview', goal.id)} data={data} />}
                {goal.id === null && data.parent !== null && data.title !== '' && (
                    <EffectOnFigures url={route('goals.preview-new')} data={data} />
                )}
                <SaveLine
                    words={goal.id === null ? 'Add goal' : 'Save'}
                    isOff={form.processing}
                    cancel={goal.id === null ? route('year') : route('goals.show', goal.id)}
                />
            </form>
        </div>
    );
}

function MoreDetails({ page, form, isYear, isWeek }: { page: GoalFormView; form: Form<GoalValues>; isYear: boolean; isWeek: boolean }) {
    return (
        <div className="mt-4 space-y-5">
            <TextArea label="Why it matters" rows={3} maxLength={5000} {...bind(form, 'why')} />
            <OwnerAndWeight page={page} form={form} isYear={isYear} />
            {isYear && (
                <CheckList
                    legend="Worked on in"
                    choices={[1, 2, 3, 4].map((quarter) => ({ value: quarter, words: `Q${String(quarter)}` }))}
                    chosen={form.data.quarters}
                    onChange={(quarters) => {
                        form.setData('quarters', quarters);
                    }}
                />
            )}
            <SeenByFields page={page} data={form.data} errors={form.errors} set={form.setData} />
            {isWeek ? (
                <Check label="Firm: promised to somebody" {...bindCheck(form, 'isFirm')} />
            ) : (
                <Check label="Main goal of the period" {...bindCheck(form, 'isMain')} />
            )}
            <CheckpointFields
                points={form.data.checkpoints}
                errors={form.errors}
                onChange={(points) => {
                    form.setData('checkpoints', points);
                }}
            />
        </div>
    );
}

function OwnerAndWeight({ page, form, isYear }: { page: GoalFormView; form: Form<GoalValues>; isYear: boolean }) {
    return (
        <div className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
            <OwnerAndArea form={form} people={page.people} areas={page.areas} />
            <TextField label="Weight in the goal above" inputMode="decimal" {...bind(form, 'weight')} />
            {form.data.measure === 'work' && (
                <TextField
                    label="Weight of its own tasks"
                    hint="All of them together, beside each goal beneath it and each project."
                    inputMode="decimal"
                    {...bind(form, 'tasksWeight')}
                />
            )}
            {isYear && form.data.parent === null && (
                <RecordField label="Long-term goal" none="None" options={page.longTermGoals} {...bindRecord(form, 'longTermGoal')} />
            )}
            {isYear && form.data.parent === null && (
                <TextField
                    label="Thread mark"
                    maxLength={2}
                    {...bind(form, 'mark')}
                    hint="Two letters, taken from the title if left empty."
                />
            )}
        </div>
    );
}

interface FromTodayProps {
    page: GoalFormView;
    data: GoalFormView['goal'];
    set: (change: Partial<GoalFormView['goal']>) => void;
}

/** A goal that is made after its period began is not behind by what lies before it. */
function FromToday({ page, data, set }: FromTodayProps) {
    if (!page.begun.includes(data.period) || !growing.includes(data.measure)) {
        return null;
    }

    return (
        <Check
            label="Counted from today: nothing is expected of the part of the period that is over"
            checked={data.fromToday === '' ? page.late.includes(data.period) : data.fromToday === 'yes'}
            onChange={(isChosen) => {
                set({ fromToday: isChosen ? 'yes' : 'no' });
            }}
        />
    );
}
