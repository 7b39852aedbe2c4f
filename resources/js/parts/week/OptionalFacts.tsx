import { Fragment, type ReactNode, useEffect, useState } from 'react';
import { RecordField } from '../fields/Choose';
import { KeptDate, KeptField } from '../fields/KeptField';
import type { TaskView } from '../../generated/props';
import { peopleAsOptions } from '../../lib/options';
import { change } from '../../lib/tasks';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Select';

interface Props {
    page: TaskView;
    set: (field: string) => (value: string) => void;
}

/** What is seldom said of a task: shown once it is set, the rest offered by name. */
export function OptionalFacts({ page, set }: Props) {
    const [added, setAdded] = useState<string[]>([]);
    const facts = factsOf(page, set);
    const rest = facts.filter((fact) => !fact.isSet && !added.includes(fact.label));

    // What was added is set at once.
    useEffect(() => {
        const label = [...document.querySelectorAll<HTMLLabelElement>('.facts label')].find((each) => each.textContent === added.at(-1));

        if (label !== undefined) {
            document.getElementById(label.htmlFor)?.focus();
        }
    }, [added]);

    return (
        <>
            {facts
                .filter((fact) => !rest.includes(fact))
                .map((fact) => (
                    <Fragment key={fact.label}>{fact.field}</Fragment>
                ))}
            {rest.length > 0 && (
                <p className="-ml-3 flex flex-wrap">
                    {rest.map(({ label }) => (
                        <Button
                            key={label}
                            kind="quiet"
                            onClick={() => {
                                setAdded([...added, label]);
                            }}
                        >
                            {label}
                        </Button>
                    ))}
                </p>
            )}
        </>
    );
}

interface Fact {
    label: string;
    isSet: boolean;
    field: ReactNode;
}

function factsOf({ task, ...page }: TaskView, set: Props['set']): Fact[] {
    return [
        {
            label: 'Rank',
            isSet: task.rank !== null,
            field: <Choice label="Rank" value={task.rank} options={{ A: 'A', B: 'B', C: 'C' }} onChoose={set('rank')} />,
        },
        {
            label: 'Focus needed',
            isSet: page.focus !== null,
            field: (
                <Choice
                    label="Focus needed"
                    value={page.focus}
                    options={{ full: 'full', normal: 'normal', little: 'little' }}
                    onChoose={set('focus')}
                />
            ),
        },
        {
            label: 'Place',
            isSet: page.place !== null,
            field: <KeptField label="Place" placeholder="–" maxLength={60} value={page.place ?? ''} onKeep={set('place')} />,
        },
        {
            label: 'Waiting for',
            isSet: task.waitingOn !== null,
            field: (
                <>
                    <SelectField
                        label="Waiting for"
                        none="nobody"
                        mayWrite
                        value={task.waitingOn ?? ''}
                        options={page.names.map((name) => ({ value: name, label: name }))}
                        onChange={set('waiting_on')}
                    />
                    {task.waitingOn !== null && (
                        <KeptDate label="Follow up on" value={task.followUpOn ?? ''} onKeep={set('follow_up_on')} />
                    )}
                </>
            ),
        },
        ...(task.isDone
            ? []
            : [
                  {
                      label: 'Checked by',
                      isSet: page.checkedBy !== null,
                      field: (
                          <RecordField
                              label="Checked by"
                              value={page.checkedBy}
                              options={peopleAsOptions(page.people)}
                              none="nobody"
                              onChoose={(person) => {
                                  change(task, { checked_by_id: person });
                              }}
                          />
                      ),
                  },
              ]),
        ...(page.mainEfforts.length === 0
            ? []
            : [
                  {
                      label: 'Main effort',
                      isSet: page.mainEffort !== null,
                      field: (
                          <RecordField
                              label="Main effort"
                              value={page.mainEffort}
                              options={page.mainEfforts}
                              none="none"
                              onChoose={(mainEffort) => {
                                  change(task, { main_effort_id: mainEffort });
                              }}
                          />
                      ),
                  },
              ]),
    ];
}

interface ChoiceProps {
    label: string;
    value: string | null;
    options: Record<string, string>;
    onChoose: (value: string) => void;
}

function Choice({ label, value, options, onChoose }: ChoiceProps) {
    return (
        <SelectField
            label={label}
            value={value ?? ''}
            onChange={onChoose}
            none="not set"
            options={Object.entries(options).map(([key, words]) => ({ value: key, label: words }))}
        />
    );
}
