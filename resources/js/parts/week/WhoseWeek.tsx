import { router, usePage } from '@inertiajs/react';
import type { WeekView } from '../../generated/props';
import { route } from '../../lib/routes';
import { SelectField } from '../../ui/Select';

/** Whose tasks and meetings are shown. */
export function WhoseWeek({ page }: { page: WeekView }) {
    const { frame } = usePage().props;

    return (
        <div className="mt-6 border-t border-hairline pt-3">
            <SelectField
                label="Whose week"
                value={page.whose.id}
                onChange={(value) => {
                    const who = value;
                    router.visit(
                        route('week.show', Number(who) === frame?.me.id ? page.week.name : { period: page.week.name, _query: { who } }),
                    );
                }}
                options={page.people.map((person) => ({
                    value: person.id,
                    label: person.id === frame?.me.id ? `${person.name} (you)` : person.name,
                }))}
            />
        </div>
    );
}
