import { usePage } from '@inertiajs/react';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import { enGB } from 'react-day-picker/locale';
import { isoOf, noon } from '../lib/readDate';

interface Props {
    day: string | null;
    min?: string | undefined;
    max?: string | undefined;
    onChoose: (day: string) => void;
}

/** A month to choose a day from: its weeks numbered, the days that are not worked set back. */
export default function Calendar({ day, min, max, onChoose }: Props) {
    const { frame } = usePage().props;
    // Who is not signed in has the day of their own machine.
    const [ownDay] = useState(() => isoOf(new Date()));
    const today = noon(frame?.today ?? ownDay);
    const calendar = frame?.calendar;
    const shown = day === null ? today : noon(day);

    return (
        <DayPicker
            mode="single"
            autoFocus
            required
            locale={enGB}
            showWeekNumber
            showOutsideDays
            weekStartsOn={(calendar?.weekStartsOn ?? 1) as 0 | 1 | 2 | 3 | 4 | 5 | 6}
            firstWeekContainsDate={4}
            today={today}
            selected={day === null ? undefined : shown}
            defaultMonth={shown}
            disabled={[...(min === undefined ? [] : [{ before: noon(min) }]), ...(max === undefined ? [] : [{ after: noon(max) }])]}
            modifiers={{ off: [{ dayOfWeek: calendar?.daysOff ?? [] }, ...(calendar?.holidays ?? []).map(noon)] }}
            formatters={{ formatWeekNumberHeader: () => 'Wk' }}
            onSelect={(chosen) => {
                onChoose(isoOf(chosen));
            }}
            modifiersClassNames={{ off: 'text-ink-2' }}
            classNames={{
                root: 'p-3',
                months: 'relative',
                month_caption: 'flex h-8 items-center pl-1 font-semibold',
                nav: 'absolute top-0 right-0 flex',
                button_previous: 'flex size-8 items-center justify-center text-ink-2 hover:text-ink disabled:opacity-40',
                button_next: 'flex size-8 items-center justify-center text-ink-2 hover:text-ink disabled:opacity-40',
                chevron: 'size-4 fill-current',
                month_grid: 'border-collapse font-mono text-xs',
                weekday: 'h-6 w-8 font-normal text-ink-2',
                week_number_header: 'w-8 pr-2 text-right font-normal text-ink-2',
                week_number: 'pr-2 text-right font-normal text-ink-2 border-r border-hairline',
                day: 'p-0 text-center',
                day_button: 'size-8 hover:bg-faint disabled:hover:bg-transparent disabled:line-through pointer-coarse:size-11',
                today: '[&>button]:border-b-2 [&>button]:border-chalk',
                outside: 'opacity-50',
                selected: '[&>button]:bg-ink [&>button]:text-sheet [&>button]:font-semibold',
            }}
        />
    );
}
