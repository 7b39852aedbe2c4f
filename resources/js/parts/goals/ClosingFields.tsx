import { count } from '../../lib/words';
import type { ReactNode } from 'react';
import type { ClosingOffer, Rest, Result } from '../../generated/props';
import { plannedWords } from '../../lib/dates';
import { Choices } from '../../ui/Choices';
import { TextArea, TextField } from '../../ui/Field';
import { DateField } from '../../ui/DateField';
import { Check } from '../../ui/Check';

export interface ClosingValues {
    result: Result | '';
    score: string;
    line: string;
    rest: Rest | '';
    titles: string;
    returnOn: string;
    withTasks: boolean;
    withProjects: boolean;
}

export const nothingChosen: ClosingValues = {
    result: '',
    score: '',
    line: '',
    rest: '',
    titles: '',
    returnOn: '',
    withTasks: true,
    withProjects: true,
};

interface Props {
    title: string;
    offer: ClosingOffer;
    values: ClosingValues;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<ClosingValues>) => void;
}

/** What became of a goal; and, where something of it is open, what becomes of that. */
export function ClosingFields({ title, offer, values, errors, set }: Props) {
    const isUnfinished = values.result === 'in_part' || values.result === 'not_met';
    const hasRest = isUnfinished || values.result === 'dropped';
    const next = plannedWords(offer.next);
    const field = (name: 'score' | 'line' | 'titles' | 'returnOn', label: string) => ({
        label: `${label} of ${title}`,
        isLabelHidden: true,
        value: values[name],
        error: errors[name],
        onChange: (to: string | { target: { value: string } }) => {
            set({ [name]: typeof to === 'string' ? to : to.target.value });
        },
    });

    return (
        <div className="space-y-1">
            <Choices<Result>
                label={`Result of ${title}`}
                value={values.result}
                proposed={offer.proposed}
                because={offer.because}
                choices={[
                    { value: 'met', words: 'met' },
                    { value: 'in_part', words: 'partly met' },
                    { value: 'not_met', words: 'not met' },
                    { value: 'dropped', words: 'dropped' },
                ]}
                onChoose={(result) => {
                    set({ result, rest: result === 'met' || result === '' ? '' : values.rest });
                }}
            />
            {values.result === '' && offer.because !== null && <p className="text-xs text-ink-2">{offer.because}</p>}
            {values.result === 'dropped' && offer.proposed === 'not_met' && (
                <p className="text-xs text-persimmon">{offer.because} Choose “not met” unless it no longer mattered.</p>
            )}
            {hasRest && (
                <Answer words="Still open">
                    <Choices<Rest>
                        label={`What is still open of ${title}`}
                        value={values.rest}
                        choices={[
                            ...(isUnfinished
                                ? ([
                                      { value: 'carried', words: `carry to ${next}` },
                                      { value: 'split', words: 'split' },
                                  ] as const)
                                : []),
                            { value: 'shelved', words: 'shelve' },
                            { value: 'dropped', words: 'drop' },
                        ]}
                        onChoose={(rest) => {
                            set({ rest });
                        }}
                    />
                    {errors.rest !== undefined && <p className="text-sm font-medium text-persimmon">{errors.rest}</p>}
                </Answer>
            )}
            {hasRest && values.rest === 'split' && (
                <Answer words="Into">
                    <TextArea {...field('titles', 'Goals')} rows={3} placeholder="One goal on each line; they share its weight" />
                </Answer>
            )}
            {hasRest && values.rest === 'shelved' && (
                <Answer words="Return date">
                    <DateField {...field('returnOn', 'Return date')} className="w-44" />
                </Answer>
            )}
            {hasRest && (values.rest === 'carried' || values.rest === 'split') && <Along offer={offer} values={values} set={set} />}
            {values.result !== '' && (
                <Answer words="Why">
                    <div className="flex gap-2">
                        <TextField {...field('line', 'Why')} placeholder="A line on what happened" maxLength={500} className="flex-1" />
                        <TextField
                            {...field('score', 'Score in per cent')}
                            placeholder="score %"
                            inputMode="decimal"
                            className="w-24"
                            title="Left empty, met counts 100% and anything else what was computed."
                        />
                    </div>
                </Answer>
            )}
        </div>
    );
}

/** What goes along where it is carried on: the goals beneath it always, its work by choice. */
function Along({ offer, values, set }: Pick<Props, 'offer' | 'values' | 'set'>) {
    if (offer.beneath + offer.tasks + offer.projects.length === 0) {
        return null;
    }

    return (
        <Answer words="Also carried">
            {offer.beneath > 0 && <p>{count(offer.beneath, 'open goal')} beneath it</p>}
            {offer.tasks > 0 && (
                <Check
                    label={count(offer.tasks, 'open task')}
                    checked={values.withTasks}
                    onChange={(withTasks) => {
                        set({ withTasks });
                    }}
                />
            )}
            {offer.projects.length > 0 && (
                <Check
                    label={offer.projects.join(', ')}
                    checked={values.withProjects}
                    onChange={(withProjects) => {
                        set({ withProjects });
                    }}
                />
            )}
        </Answer>
    );
}

function Answer({ words, children }: { words: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[88px_1fr] items-baseline gap-2 max-md:grid-cols-1 max-md:gap-0">
            <span className="text-xs text-ink-2">{words}</span>
            <div className="min-w-0">{children}</div>
        </div>
    );
}
