import type { ProtectedHoursRow } from '../../generated/props';

/** Hours that a person keeps, in a line: "09:00–11:00 for work". */
export function KeptHours({ hours: { from, until, kind } }: { hours: ProtectedHoursRow }) {
    return (
        <span className="block text-xs text-chalk">
            {from}–{until} for {kind}
        </span>
    );
}
