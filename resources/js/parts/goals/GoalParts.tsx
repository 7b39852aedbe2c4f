import { AssumptionLine } from './AssumptionLine';
import { MainEffortLine } from './MainEffortLine';
import { TradeOffLine } from './TradeOffLine';
import { AddLine } from '../fields/AddLine';
import { Section } from '../signs/Section';
import type { GoalParts as Parts, PersonTag } from '../../generated/props';
import { addingLines } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { route } from '../../lib/routes';

interface Props {
    parts: Parts;
    people: PersonTag[];
}

/** What carries a goal, what it rests on, what is left undone for it: added on a line, edited when pressed. */
export function GoalParts({ parts, people }: Props) {
    const { goal, mayChange } = parts;

    return (
        <div className="grid grid-cols-3 gap-x-7 gap-y-5 max-lg:grid-cols-1">
            <Section title="Main efforts" aside="hours a week">
                <ul className="divide-y divide-hairline">
                    {parts.efforts.map((effort) => (
                        <MainEffortLine key={effort.id} effort={effort} people={people} mayChange={mayChange} />
                    ))}
                </ul>
                {mayChange && (
                    <NewPart
                        address={route('main-efforts.store', goal.id)}
                        name={`main effort of goal ${String(goal.id)}`}
                        words="Add a main effort: “…, 6 h a week”"
                    />
                )}
            </Section>
            <Section title="Assumptions" aside="tested by">
                <ul className="divide-y divide-hairline">
                    {parts.assumptions.map((assumption) => (
                        <AssumptionLine key={assumption.id} assumption={assumption} people={people} mayChange={mayChange} />
                    ))}
                </ul>
                {mayChange && (
                    <NewPart
                        address={route('assumptions.store', goal.id)}
                        name={`assumption of goal ${String(goal.id)}`}
                        words="Add an assumption"
                    />
                )}
            </Section>
            <Section title="Trade-offs" aside="left undone for it">
                <ul className="divide-y divide-hairline">
                    {parts.tradeOffs.map((tradeOff) => (
                        <TradeOffLine key={tradeOff.id} tradeOff={tradeOff} people={people} mayChange={mayChange} />
                    ))}
                </ul>
                {mayChange && (
                    <NewPart
                        address={route('trade-offs.store', goal.id)}
                        name={`trade-off of goal ${String(goal.id)}`}
                        words="Add a trade-off"
                    />
                )}
            </Section>
        </div>
    );
}

function NewPart({ address, name, words }: { address: string; name: string; words: string }) {
    const form = useForm(`new ${name}`, { title: '' });

    return <AddLine words={words} maxLength={200} {...addingLines(form, 'title', address)} error={Object.values(form.errors)[0]} />;
}
