import { EditedLine } from './EditedLine';
import type { PersonTag, TradeOffRow } from '../../generated/props';
import { bind } from '../../lib/forms';
import { useForm } from '../../lib/kept/useForm';
import { peopleAsOptions } from '../../lib/options';
import { route } from '../../lib/routes';
import { TextField } from '../../ui/Field';
import { SelectField } from '../../ui/Select';

interface Props {
    tradeOff: TradeOffRow;
    people: PersonTag[];
    mayChange: boolean;
}

/** What is left undone to make room for a goal. */
export function TradeOffLine({ tradeOff, people, mayChange }: Props) {
    const form = useForm(`trade-off ${String(tradeOff.id)}`, { title: tradeOff.title, person: String(tradeOff.person.id) });

    return (
        <EditedLine
            title={tradeOff.title}
            mayChange={mayChange}
            form={form}
            saveAt={route('trade-offs.update', tradeOff.id)}
            deleteAt={route('trade-offs.destroy', tradeOff.id)}
            fields={
                <>
                    <TextField label="Trade-off" autoFocus maxLength={200} {...bind(form, 'title')} />
                    <SelectField label="Person" options={peopleAsOptions(people)} {...bind(form, 'person')} />
                </>
            }
        >
            {tradeOff.title}
            <span className="block text-xs text-ink-2">{tradeOff.person.name}</span>
        </EditedLine>
    );
}
