import type { ClosingOffer, Rest, Result } from '../../generated/props';
import { Button } from '../../ui/Button';
import { type Choice, Choices } from '../../ui/Choices';
import { DateField } from '../../ui/DateField';
import { TextArea, TextField } from '../../ui/Field';
import { Problem } from '../../ui/Problem';
import { Carried } from './Carried';
import { ClosingAnswer } from './ClosingAnswer';
import type { ClosingValues } from './closing';
import { plannedWords } from '../../lib/dates';

interface Props {
    title: string;
    offer: ClosingOffer;
    values: ClosingValues;
    errors: Partial<Record<string, string>>;
    set: (change: Partial<ClosingValues>) => void;
    /** Whether what it contributes to is carried over in the same pass, and goes on above it. */
    isParentCarried?: boolean;
}

/** What became of a goal; and, where something of it is open, what becomes of that. */
export function ClosingFields(props: Props) {
    const { title, offer, values, set } = props;
    const isStopped = values.result === 'stopped';

    return (
        <div className="space-y-1">
            {isStopped ? (
                <Stopped {...props} />
            ) : (
                <div className="flex flex-wrap items-baseline gap-x-4">
                    <Choices<Result>
                        label={`Result of ${title}`}
                        value={values.result}
                        proposed={offer.proposed}
                        because={offer.because}
                        choices={[
                            { value: 'met', words: 'met' },
                            { value: 'in_part', words: 'in part' },
                            { value: 'not_met', words: 'not met' },
                        ]}
                        onChoose={(result) => {
                            set({ result, rest: result === 'met' || result === '' ? '' : values.rest });
                        }}
                    />
                    {values.result === '' && (
                        <Button
                            kind="quiet"
                            aria-label={`Stop ${title}`}
                            onClick={() => {
                                set({ result: 'stopped', rest: '' });
                            }}
                        >
                            Stop this goal
                        </Button>
                    )}
                </div>
            )}
            {values.result === '' && offer.because !== null && <p className="text-xs text-ink-2">{offer.because}</p>}
            {values.result !== '' && values.result !== 'met' && <WhatIsLeft {...props} />}
            {values.result !== '' && <Why {...props} />}
        </div>
    );
}

/** A goal that is given up is in no figure above it any more: late in its period, that would make them look better than they are. */
function Stopped({ title, offer, set }: Props) {
    return (
        <>
            <div className="flex flex-wrap items-baseline gap-x-4">
                <span className="min-h-8 border-b-2 border-ink font-semibold">stop this goal</span>
                <Button
                    kind="quiet"
                    aria-label={`Do not stop ${title}`}
                    onClick={() => {
                        set({ result: '', rest: '' });
                    }}
                >
                    Choose a result instead
                </Button>
            </div>
            {offer.isLateToStop && (
                <p className="text-sm text-persimmon">
                    More than half of its period is over. As “not met” it stays in the figures above; once stopped, it no longer counts
                    there, and they rise without it.
                </p>
            )}
        </>
    );
}

function WhatIsLeft(props: Props) {
    const { title, offer, values, errors, set } = props;
    const mayGoOn = values.result === 'in_part' || values.result === 'not_met';
    const choices: Choice<Rest>[] = [
        ...(mayGoOn
            ? ([
                  {
                      value: 'carried',
                      words: `carry over to ${plannedWords(offer.next)}`,
                      ...(offer.complete === null ? {} : { refused: offer.complete }),
                  },
                  { value: 'split', words: 'split' },
              ] as const)
            : []),
        { value: 'shelved', words: 'shelve' },
        { value: 'dropped', words: 'drop' },
    ];

    return (
        <>
            <ClosingAnswer words="Still open">
                <Choices<Rest>
                    label={`What is still open of ${title}`}
                    value={values.rest}
                    choices={choices}
                    onChoose={(rest) => {
                        set({ rest });
                    }}
                />
                <Problem words={errors.rest} />
            </ClosingAnswer>
            {values.rest === 'split' && (
                <ClosingAnswer words="Into">
                    <TextArea
                        label={`Goals of ${title}`}
                        isLabelHidden
                        value={values.titles}
                        error={errors.titles}
                        rows={3}
                        placeholder="One goal on each line; they share its weight"
                        onChange={(event) => {
                            set({ titles: event.target.value });
                        }}
                    />
                </ClosingAnswer>
            )}
            {values.rest === 'shelved' && (
                <ClosingAnswer words="Return date">
                    <DateField
                        label={`Return date of ${title}`}
                        isLabelHidden
                        value={values.returnOn}
                        error={errors.returnOn}
                        className="w-44"
                        onChange={(returnOn) => {
                            set({ returnOn });
                        }}
                    />
                </ClosingAnswer>
            )}
            {(values.rest === 'carried' || values.rest === 'split') && <Carried {...props} />}
        </>
    );
}

function Why({ title, values, errors, set }: Props) {
    return (
        <ClosingAnswer words="Why">
            <div className="flex gap-2">
                <TextField
                    label={`Why of ${title}`}
                    isLabelHidden
                    value={values.line}
                    error={errors.line}
                    placeholder={values.result === 'stopped' ? 'Why it is stopped' : 'A line on what happened'}
                    maxLength={500}
                    className="flex-1"
                    onChange={(event) => {
                        set({ line: event.target.value });
                    }}
                />
                {values.result !== 'stopped' && (
                    <TextField
                        label={`Score in per cent of ${title}`}
                        isLabelHidden
                        value={values.score}
                        error={errors.score}
                        placeholder="score %"
                        inputMode="decimal"
                        className="w-24"
                        title="Left empty, met counts 100% and anything else what was computed."
                        onChange={(event) => {
                            set({ score: event.target.value });
                        }}
                    />
                )}
            </div>
        </ClosingAnswer>
    );
}
