import { useId, useState } from 'react';
import { readTime } from '../lib/readDate';
import { described, FieldFrame, type FrameProps } from './Field';

interface Props extends FrameProps {
    /** HH:MM, empty, or what was typed and could not be read. */
    value: string;
    /** Called once the field is left or Enter is pressed. */
    onChange: (value: string) => void;
}

/** How far an arrow key moves the time, in minutes. */
const STEP = 15;

/** A time of day, typed as people write it; the arrow keys move it by a quarter of an hour. */
export function TimeField({ label, error, hint, className, isLabelHidden, value, onChange }: Props) {
    const id = useId();
    const [typed, setTyped] = useState<string | null>(null);
    const frame = {
        label,
        error: error ?? (value !== '' && minutesOf(value) === null ? 'Enter a valid time, for example 14:30.' : undefined),
        hint,
        className,
        isLabelHidden,
    } as FrameProps;

    const keep = (time: string) => {
        setTyped(null);

        if (time !== value) {
            onChange(time);
        }
    };
    const commit = () => {
        if (typed !== null) {
            keep(readTime(typed));
        }
    };

    return (
        <FieldFrame id={id} {...frame}>
            <input
                id={id}
                type="text"
                inputMode="numeric"
                autoComplete="off"
                placeholder="00:00"
                className="field font-mono"
                data-empty={value === '' ? true : undefined}
                {...described(id, frame)}
                value={typed ?? value}
                onFocus={(event) => {
                    event.target.select();
                }}
                onChange={(event) => {
                    setTyped(event.target.value);
                }}
                onBlur={commit}
                onKeyDown={(event) => {
                    const minutes = minutesOf(readTime(typed ?? value));

                    if (event.key === 'Enter') {
                        commit();
                    } else if (minutes !== null && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
                        event.preventDefault();
                        setTyped(timeOf(minutes + (event.key === 'ArrowUp' ? STEP : -STEP)));
                    }
                }}
            />
        </FieldFrame>
    );
}

function minutesOf(time: string): number | null {
    const parts = /^(\d{2}):(\d{2})$/.exec(time);

    return parts === null || Number(parts[1]) > 23 || Number(parts[2]) > 59 ? null : Number(parts[1]) * 60 + Number(parts[2]);
}

function timeOf(minutes: number): string {
    const within = (minutes + 1440) % 1440;

    return `${String(Math.floor(within / 60)).padStart(2, '0')}:${String(within % 60).padStart(2, '0')}`;
}
