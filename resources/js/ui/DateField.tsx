import { usePage } from '@inertiajs/react';
import { CalendarDays } from 'lucide-react';
import { Popover } from 'radix-ui';
import { type KeyboardEvent, lazy, Suspense, useId, useLayoutEffect, useRef, useState } from 'react';
import { dayWords, isDay } from '../lib/dates';
import { loadReader, readDate } from '../lib/readDate';
import { described, FieldFrame, type FrameProps } from './Field';

const Calendar = lazy(() => import('./Calendar'));

interface DateProps {
    /** YYYY-MM-DD, empty, or what was typed and could not be read. */
    value: string;
    /** Called once the field is left, Enter is pressed or a day is chosen. */
    onChange: (value: string) => void;
    min?: string | undefined;
    max?: string | undefined;
    disabled?: boolean;
    autoFocus?: boolean;
    placeholder?: string;
}

/** A date: typed as people write it, or chosen from the month. */
export function DateField({ label, error, hint, className, isLabelHidden, ...date }: FrameProps & DateProps) {
    const id = useId();
    const isUnread = date.value !== '' && !isDay(date.value);
    const frame = {
        label,
        error: error ?? (isUnread ? 'Enter a valid date, for example “Fri”, “9 Feb” or “in two weeks”.' : undefined),
        hint,
        className,
        isLabelHidden,
    } as FrameProps;

    return (
        <FieldFrame id={id} {...frame}>
            <DateInput id={id} label={label} {...described(id, frame)} {...date} />
        </FieldFrame>
    );
}

interface InputProps extends DateProps {
    id: string;
    label: string;
    'aria-invalid': boolean;
    'aria-describedby': string | undefined;
}

function DateInput({ label, value, onChange, min, max, placeholder = 'Date', ...input }: InputProps) {
    const [isOpen, setOpen] = useState(false);
    const { typed, setTyped, keep, commit } = useTypedDate({ value, onChange, max });

    return (
        <div className="relative">
            <input
                {...input}
                type="text"
                autoComplete="off"
                placeholder={placeholder}
                className="field pr-8"
                data-empty={value === '' ? true : undefined}
                value={typed ?? (isDay(value) ? dayWords(value) : value)}
                onFocus={(event) => {
                    void loadReader();
                    event.target.select();
                }}
                onChange={(event) => {
                    setTyped(event.target.value);
                }}
                onBlur={() => {
                    commit();
                }}
                onKeyDown={(event) => {
                    if (event.key === 'Enter') {
                        commit(event);
                    } else if (event.key === 'ArrowDown') {
                        event.preventDefault();
                        commit();
                        setOpen(true);
                    } else if (event.key === 'Escape' && typed !== null) {
                        event.stopPropagation();
                        setTyped(null);
                    }
                }}
            />
            <CalendarButton
                {...{ label, value, min, max }}
                disabled={input.disabled}
                isOpen={isOpen}
                onOpenChange={setOpen}
                onChoose={keep}
            />
        </div>
    );
}

/** What is typed, until it is read as a date. */
function useTypedDate({ value, onChange, max }: Pick<DateProps, 'value' | 'onChange' | 'max'>) {
    const today = usePage().props.frame?.today ?? '';
    const [typed, setTyped] = useState<string | null>(null);
    // What is read late belongs to the form as it is then: others of its fields may have been written in meanwhile.
    const now = useRef({ value, typed, onChange });
    useLayoutEffect(() => {
        now.current = { value, typed, onChange };
    });

    const keep = (date: string) => {
        setTyped(null);

        if (date !== now.current.value) {
            now.current.onChange(date);
        }
    };
    const commit = (event?: KeyboardEvent) => {
        if (typed === null) {
            return;
        }

        const read = readDate(typed, today, max !== undefined && max <= today ? 'behind' : 'ahead');

        if (typeof read === 'string') {
            keep(read);

            return;
        }

        // What reads it is still on its way: the form is not sent without it.
        event?.preventDefault();
        void read.then((date) => {
            if (now.current.typed === typed) {
                keep(date);
            }
        });
    };

    return { typed, setTyped, keep, commit };
}

interface CalendarProps extends Pick<InputProps, 'label' | 'value' | 'min' | 'max'> {
    disabled: boolean | undefined;
    isOpen: boolean;
    onOpenChange: (isOpen: boolean) => void;
    onChoose: (day: string) => void;
}

/** Opens the month, to choose the day from. */
function CalendarButton({ label, value, min, max, disabled, isOpen, onOpenChange, onChoose }: CalendarProps) {
    return (
        <Popover.Root modal open={isOpen} onOpenChange={onOpenChange}>
            <Popover.Trigger
                aria-label={`Calendar: ${label}`}
                disabled={disabled}
                className="absolute inset-y-0 right-0 flex w-8 items-center justify-center text-ink-2 hover:text-ink"
            >
                <CalendarDays aria-hidden size={14} />
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content align="end" sideOffset={2} collisionPadding={8} className="z-60 border border-ink bg-sheet shadow-lg">
                    <Suspense fallback={<p className="h-72 w-68 p-3 text-ink-2">Loading …</p>}>
                        <Calendar
                            day={isDay(value) ? value : null}
                            min={min}
                            max={max}
                            onChoose={(day) => {
                                onOpenChange(false);
                                onChoose(day);
                            }}
                        />
                    </Suspense>
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
