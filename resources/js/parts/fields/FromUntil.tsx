import { DateField } from '../../ui/DateField';

interface Props {
    from: string;
    until: string;
    onChange: (from: string, until: string) => void;
}

/** A span by its first and its last day, each held within the other. */
export function FromUntil({ from, until, onChange }: Props) {
    return (
        <>
            <DateField
                label="From"
                className="w-34"
                max={until === '' ? undefined : until}
                value={from}
                onChange={(first) => {
                    onChange(first, until);
                }}
            />
            <DateField
                label="Until"
                className="w-34"
                min={from === '' ? undefined : from}
                value={until}
                onChange={(last) => {
                    onChange(from, last);
                }}
            />
        </>
    );
}
