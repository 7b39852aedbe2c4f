import { router, usePage } from '@inertiajs/react';
import type { WeekView } from '../../generated/props';
import { route } from '../../lib/routes';
import { SelectField } from '../../ui/Field';

/** Whose tasks and meetings are shown. */
export function WhoseWeek({ page }: { page: WeekView }) {
    const { frame } = usePage().props;

    return (
        <div className="mt-6 border-t border-hairline pt-3">
            <SelectField
                label="Whose week"
                value={page.whose.id}
                onChange={(event) => {
                    const who = event.target.value;
                    router.visit(
                        route('week.show', Number(who) === frame?.me.id ? page.week.name : { period: page.week.name, _query: { who } }),
                    );
                }}
            >
                {page.people.map((person) => (
                    <option key={person.id} value={person.id}>
                        {person.id === frame?.me.id ? `${person.name} (you)` : person.name}
                    </option>
                ))}
            </SelectField>
        </div>
    );
}
