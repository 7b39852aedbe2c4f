import { peopleAsOptions } from '../../lib/options';
import { RecordField } from '../fields/Choose';
import type { Option, PersonTag, StandingValues } from '../../generated/props';
import { TextField } from '../../ui/Field';
import { Rows } from '../../ui/Rows';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/Select';

interface Props {
    items: StandingValues[];
    people: PersonTag[];
    goals: Option[];
    projects: Option[];
    errors: Partial<Record<string, string>>;
    onChange: (items: StandingValues[]) => void;
}

function lookedAt({ goal, project, shows }: StandingValues): string {
    return goal !== null ? `goal ${String(goal)}` : project !== null ? `project ${String(project)}` : (shows ?? '');
}

/** What comes up every time, in order, with what is to be looked at. */
export function StandingFields({ items, people, goals, projects, errors, onChange }: Props) {
    const owners = peopleAsOptions(people);
    const toLookAt = [
        { value: 'register', label: 'The register of projects' },
        { value: 'team_week', label: 'The team’s week' },
        ...goals.map(({ value, label }) => ({ value: `goal ${value}`, label })),
        ...projects.map(({ value, label }) => ({ value: `project ${value}`, label })),
    ];

    return (
        <Rows
            legend="Standing agenda"
            error={errors.standing}
            rows={items}
            keyOf={(item) => item.id}
            onChange={onChange}
            add={{
                words: 'Add an item',
                row: { id: null, title: '', minutes: 5, owner: null, goal: null, project: null, shows: null },
            }}
        >
            {(item, set, place) => (
                <StandingItemFields
                    item={item}
                    owners={owners}
                    toLookAt={toLookAt}
                    errorOf={(field) => errors[`standing.${String(place)}.${field}`]}
                    set={set}
                />
            )}
        </Rows>
    );
}

interface ItemProps {
    item: StandingValues;
    owners: Option[];
    toLookAt: { value: string; label: string }[];
    errorOf: (field: keyof StandingValues) => string | undefined;
    set: (change: Partial<StandingValues>) => void;
}

function StandingItemFields({ item, owners, toLookAt, errorOf, set }: ItemProps) {
    return (
        <>
            <TextField
                label="Item"
                isLabelHidden
                className="min-w-40 flex-1"
                placeholder="Item"
                value={item.title}
                error={errorOf('title')}
                onChange={(event) => {
                    set({ title: event.target.value });
                }}
            />
            <NumberField
                label="Min"
                isLabelHidden
                className="w-16"
                min={1}
                max={600}
                value={item.minutes}
                error={errorOf('minutes')}
                onChange={(value) => {
                    set({ minutes: Number(value) });
                }}
            />
            <RecordField
                label="Owner"
                isLabelHidden
                className="w-32"
                none="everybody"
                value={item.owner}
                options={owners}
                onChoose={(owner) => {
                    set({ owner });
                }}
            />
            <SelectField
                label="What is looked at"
                isLabelHidden
                className="w-40"
                none="nothing to look at"
                value={lookedAt(item)}
                options={toLookAt}
                onChange={(value) => {
                    const [kind, id] = value.split(' ');
                    set({
                        goal: kind === 'goal' ? Number(id) : null,
                        project: kind === 'project' ? Number(id) : null,
                        shows: kind === 'register' || kind === 'team_week' ? kind : null,
                    });
                }}
            />
        </>
    );
}
