import { Fragment, type ReactNode, useEffect, useState } from 'react';
import { RecordField } from '../fields/Choose';
import { KeptDate, KeptField } from '../fields/KeptField';
import type { Option, TaskView } from '../../generated/props';
import { focusOptions, peopleAsOptions, rankOptions } from '../../lib/options';
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

/** All that can be set of a task besides its title, time and people. */
const factsOf = (page: TaskView, set: Props['set']): Fact[] => [
    ...manner(page, set),
    waiting(page, set),
    ...(page.task.isDone ? [] : [checking(page)]),
    ...(page.mainEfforts.length === 0 ? [] : [effort(page)]),
];

const manner = ({ task, ...page }: TaskView, set: Props['set']): Fact[] => [
    {
        label: 'Rank',
        isSet: task.rank !== null,
        field: <Choice label="Rank" value={task.rank} options={rankOptions} onChoose={set('rank')} />,
    },
    {
        label: 'Focus needed',
        isSet: page.focus !== null,
        field: <Choice label="Focus needed" value={page.focus} options={focusOptions} onChoose={set('focus')} />,
    },
    {
        label: 'Place',
        isSet: page.place !== null,
        field: <KeptField label="Place" placeholder="–" maxLength={60} value={page.place ?? ''} onKeep={set('place')} />,
    },
];

const waiting = ({ task, names }: TaskView, set: Props['set']): Fact => ({
    label: 'Waiting for',
    isSet: task.waitingOn !== null,
    field: (
        <>
            <SelectField
                label="Waiting for"
                none="nobody"
                mayWrite
                value={task.waitingOn ?? ''}
                options={names.map((name) => ({ value: name, label: name }))}
                onChange={set('waiting_on')}
            />
            {task.waitingOn !== null && <KeptDate label="Follow up on" value={task.followUpOn ?? ''} onKeep={set('follow_up_on')} />}
        </>
    ),
});

const checking = ({ task, checkedBy, people }: TaskView): Fact => ({
    label: 'Checked by',
    isSet: checkedBy !== null,
    field: (
        <RecordField
            label="Checked by"
            value={checkedBy}
            options={peopleAsOptions(people)}
            none="nobody"
            onChoose={(person) => {
                change(task, { checked_by_id: person });
            }}
        />
    ),
});

const effort = ({ task, mainEffort, mainEfforts }: TaskView): Fact => ({
    label: 'Main effort',
    isSet: mainEffort !== null,
    field: (
        <RecordField
            label="Main effort"
            value={mainEffort}
            options={mainEfforts}
            none="none"
            onChoose={(chosen) => {
                change(task, { main_effort_id: chosen });
            }}
        />
    ),
});

interface ChoiceProps {
    label: string;
    value: string | null;
    options: Option[];
    onChoose: (value: string) => void;
}

function Choice({ label, value, options, onChoose }: ChoiceProps) {
    return <SelectField label={label} value={value ?? ''} onChange={onChoose} none="not set" options={options} />;
}
