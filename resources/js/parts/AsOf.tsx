import { router, usePage } from '@inertiajs/react';

interface Props {
    on: string;
    /** Where the page of a day is; null is today. */
    addressOf: (day: string | null) => string;
}

/** Chooses the day as of which a page shows its figures. */
export function AsOf({ on, addressOf }: Props) {
    const today = usePage().props.frame?.today;

    return (
        <label className="flex items-center gap-2 text-xs text-ink-2">
            as of
            <input
                type="date"
                className="field w-36"
                defaultValue={on}
                key={on}
                max={today}
                onChange={(event) => {
                    if (event.target.validity.valid && event.target.value !== '') {
                        router.visit(addressOf(event.target.value === today ? null : event.target.value), { preserveState: true });
                    }
                }}
            />
        </label>
    );
}
