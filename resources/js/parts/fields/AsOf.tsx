import { router, usePage } from '@inertiajs/react';
import { isDay } from '../../lib/dates';
import { DateField } from '../../ui/DateField';

interface Props {
    on: string;
    /** Where the page of a day is; null is today. */
    addressOf: (day: string | null) => string;
}

/** Chooses the day as of which a page shows its figures. */
export function AsOf({ on, addressOf }: Props) {
    const today = usePage().props.frame?.today;

    return (
        <div className="flex items-center gap-2 text-xs text-ink-2">
            as of
            <DateField
                label="As of"
                isLabelHidden
                className="w-36"
                value={on}
                max={today}
                onChange={(day) => {
                    if (isDay(day)) {
                        router.visit(addressOf(day === today ? null : day), { preserveState: true });
                    }
                }}
            />
        </div>
    );
}
