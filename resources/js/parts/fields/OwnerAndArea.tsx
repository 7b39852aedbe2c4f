import { PersonField, RecordField } from './Choose';
import type { Option, PersonTag } from '../../generated/props';

interface Props {
    owner: number | null;
    area: number | null;
    people: PersonTag[];
    areas: Option[];
    errors: Partial<Record<'owner' | 'area', string>>;
    onChange: (change: { owner: number } | { area: number | null }) => void;
}

/** Whose something is, and the area that it belongs to. */
export function OwnerAndArea({ owner, area, people, areas, errors, onChange }: Props) {
    return (
        <>
            <PersonField
                label="Owner"
                value={owner}
                people={people}
                error={errors.owner}
                onChoose={(chosen) => {
                    onChange({ owner: chosen });
                }}
            />
            <RecordField
                label="Area"
                none="None"
                value={area}
                options={areas}
                error={errors.area}
                onChoose={(chosen) => {
                    onChange({ area: chosen });
                }}
            />
        </>
    );
}
