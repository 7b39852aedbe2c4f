import { usePage } from '@inertiajs/react';
import { MenuGroup, MenuItem } from '../../ui/Menu';

const further: [string, string][] = [
    ['week', 'Another week'],
    ['month', 'A month'],
    ['quarter', 'A quarter'],
    ['year', 'A year'],
];

/** The times that something is most often planned for, as items of a menu. Null clears its time. */
export function Times({ onChoose }: { onChoose: (planned: string | null) => void }) {
    const { frame } = usePage().props;
    const choose = (planned: string | null) => () => {
        onChoose(planned);
    };

    return (
        <>
            <MenuItem onSelect={choose(frame?.today ?? null)}>Today</MenuItem>
            <MenuItem onSelect={choose(frame?.thisWeek ?? null)}>This week</MenuItem>
            {further.map(([horizon, words]) => (
                <MenuGroup key={horizon} label={words}>
                    {frame?.times
                        .filter((time) => time.group === horizon && time.value !== frame.thisWeek)
                        .map((time) => (
                            <MenuItem key={time.value} onSelect={choose(time.value)}>
                                {time.label}
                            </MenuItem>
                        ))}
                </MenuGroup>
            ))}
            <MenuItem onSelect={choose(null)}>Not scheduled</MenuItem>
        </>
    );
}
