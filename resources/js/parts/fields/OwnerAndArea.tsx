import { PersonField, RecordField } from './Choose';
import type { Option, PersonTag } from '../../generated/props';
import { bindRecord } from '../../lib/forms';

/** What it needs to know of a form. */
interface Owned {
    data: { owner: number | null; area: number | null };
    errors: Partial<Record<'owner' | 'area', string>>;
    setData: (change: { owner: number } | { area: number | null }) => void;
}

interface Props {
    form: Owned;
    people: PersonTag[];
    areas: Option[];
}

/** Whose something is, and the area that it belongs to. */
export function OwnerAndArea({ form, people, areas }: Props) {
    return (
        <>
            <PersonField label="Owner" people={people} {...bindRecord(form, 'owner')} />
            <RecordField label="Area" none="None" options={areas} {...bindRecord(form, 'area')} />
        </>
    );
}
