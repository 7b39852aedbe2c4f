import { usePage } from '@inertiajs/react';
import { MenuGroup, MenuItem } from '../ui/Menu';

/** The times that something is most often planned for, as items of a menu. Null clears its time. */
export function Times({ onChoose }: { onChoose: (planned: string | null) => void }) {
    const { frame } = usePage().props;
    const weeks = frame?.rail.weeks ?? [];
    const at = weeks.findIndex((week) => week.name === frame?.thisWeek);
    const choose = (planned: string | null) => () => {
        onChoose(planned);
    };

    return (
        <>
            <MenuItem onSelect={choose(frame?.today ?? null)}>Today</MenuItem>
            <MenuItem onSelect={choose(frame?.thisWeek ?? null)}>This week</MenuItem>
            <MenuGroup label="Another week">
                {weeks.slice(at + 1, at + 9).map((week) => (
                    <MenuItem key={week.name} onSelect={choose(week.name)}>
                        Week {week.number}
                    </MenuItem>
                ))}
            </MenuGroup>
            <MenuItem onSelect={choose(null)}>No time</MenuItem>
        </>
    );
}
