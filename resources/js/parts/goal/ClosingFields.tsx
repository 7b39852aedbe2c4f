import { plannedWords } from '../../lib/dates';
import { SelectField, TextArea, TextField } from '../../ui/Field';

export interface ClosingValues {
    result: string;
    score: string;
    line: string;
    then: 'leave' | 'carry' | 'split' | 'shelve' | 'drop';
    titles: string;
    lookAgainOn: string;
}

export const nothingSaid: ClosingValues = { result: '', score: '', line: '', then: 'leave', titles: '', lookAgainOn: '' };

const results: [string, string][] = [
    ['met', 'Met'],
    ['partly_met', 'Partly met'],
    ['not_met', 'Not met'],
    ['dropped', 'Dropped'],
];

interface Props {
    values: ClosingValues;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<ClosingValues>) => void;
    /** The period in which what is unfinished would go on. */
    next: string | null;
    /** Whether it may also stay open: its result is then left out. */
    mayStay?: boolean;
    title: string;
}

/** What became of a goal, and what becomes of what it leaves unfinished. */
export function ClosingFields({ values, errors, set, next, mayStay = false, title }: Props) {
    const field = (name: keyof ClosingValues, label: string) => ({
        label: `${label} of ${title}`,
        isLabelHidden: true,
        value: values[name],
        error: errors[name],
        onChange: (event: { target: { value: string } }) => {
            set({ [name]: event.target.value });
        },
    });
    const isUnfinished = values.result === 'partly_met' || values.result === 'not_met';

    return (
        <div className="space-y-2">
            <div className="grid grid-cols-[150px_1fr_88px] gap-2 max-md:grid-cols-2">
                <SelectField
                    {...field('result', 'Result')}
                    onChange={(event) => {
                        set({ result: event.target.value, then: event.target.value === 'dropped' ? 'drop' : 'leave' });
                    }}
                >
                    {mayStay && <option value="">stays open</option>}
                    {!mayStay && <option value="">Choose the result</option>}
                    {results.map(([value, words]) => (
                        <option key={value} value={value}>
                            {words}
                        </option>
                    ))}
                </SelectField>
                <TextField
                    {...field('line', 'A line')}
                    placeholder="A line on it"
                    maxLength={500}
                    className="max-md:order-3 max-md:col-span-2"
                />
                <TextField
                    {...field('score', 'Score in per cent')}
                    placeholder="score %"
                    inputMode="decimal"
                    title="Left empty, met counts 100 and anything else what was computed."
                />
            </div>
            {(isUnfinished || values.result === 'dropped') && (
                <div className="flex flex-wrap items-start gap-2">
                    <SelectField {...field('then', 'What is left')} className="w-64">
                        {isUnfinished && (
                            <>
                                <option value="leave">nothing goes on</option>
                                <option value="carry">carry it on into {next === null ? 'the next period' : plannedWords(next)}</option>
                                <option value="split">split it into smaller ones</option>
                            </>
                        )}
                        <option value="shelve">put it on the shelf</option>
                        <option value="drop">drop it with its work</option>
                    </SelectField>
                    {values.then === 'split' && (
                        <TextArea {...field('titles', 'Goals')} rows={3} placeholder="One goal on each line" className="min-w-64 flex-1" />
                    )}
                    {values.then === 'shelve' && <TextField {...field('lookAgainOn', 'Look again')} type="date" />}
                </div>
            )}
        </div>
    );
}
