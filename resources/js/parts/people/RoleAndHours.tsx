import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/Select';

interface Bound {
    value: string;
    error: string | undefined;
    onChange: (value: string) => void;
}

/** What somebody may do, and how many hours they have. */
export function RoleAndHours({ role, hours }: { role: Bound; hours: Bound }) {
    return (
        <div className="grid grid-cols-2 gap-4">
            <SelectField
                label="Role"
                {...role}
                options={[
                    { value: 'member', label: 'Member' },
                    { value: 'lead', label: 'Lead' },
                ]}
            />
            <NumberField label="Hours a week" min={0} max={80} {...hours} />
        </div>
    );
}
