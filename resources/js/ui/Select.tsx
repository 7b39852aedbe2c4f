import { clsx } from 'clsx';
import { ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { type KeyboardEvent, type ReactNode, useId, useState } from 'react';
import { SearchedOptions, type SelectOption } from './Options';
import { described, FieldFrame, type FrameProps } from './Field';

interface Choosing {
    value: string | number;
    options: readonly SelectOption[];
    /** What it is called when nothing is chosen; without it there is always a choice. */
    none?: string | undefined;
    /** Whether words of one's own can be chosen that are not in the list. */
    mayWrite?: boolean;
    /** The value of what was chosen; empty for none. */
    onChange: (value: string) => void;
    disabled?: boolean;
}

interface SelectProps extends Choosing {
    trigger: (chosen: string) => { className: string; children: ReactNode };
    id?: string;
    'aria-label'?: string;
    'aria-invalid'?: boolean;
    'aria-describedby'?: string | undefined;
}

/** A choice out of a list that is searched by typing; a letter on the closed one opens it at what begins so. */
export function Select({ value, options, none, mayWrite = false, onChange, disabled, trigger, ...named }: SelectProps) {
    const [isOpen, setOpen] = useState(false);
    const [typed, setTyped] = useState('');
    const list = useId();
    const all = none === undefined ? options : [{ value: '', label: none }, ...options];
    const chosen = all.find((option) => String(option.value) === String(value));
    const { className, children } = trigger(chosen?.label ?? (mayWrite ? String(value) : ''));

    const own = all.some((option) => option.label === typed.trim()) ? '' : typed.trim();

    const open = (letter: string) => {
        setTyped(letter);
        setOpen(true);
    };
    const choose = (next: string) => () => {
        setOpen(false);

        if (next !== String(value)) {
            onChange(next);
        }
    };
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.ctrlKey || event.metaKey || event.altKey) {
            return;
        }

        if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            open('');
        } else if (/^[\p{L}\p{N}]$/u.test(event.key)) {
            event.preventDefault();
            event.stopPropagation();
            open(event.key);
        }
    };

    return (
        <Popover.Root
            modal
            open={isOpen}
            onOpenChange={(now) => {
                setTyped('');
                setOpen(now);
            }}
        >
            <Popover.Trigger asChild>
                <button
                    type="button"
                    role="combobox"
                    aria-expanded={isOpen}
                    aria-controls={list}
                    disabled={disabled}
                    onKeyDown={onKeyDown}
                    className={className}
                    {...named}
                >
                    {children}
                </button>
            </Popover.Trigger>
            <Popover.Portal>
                <SearchedOptions {...{ list, all, chosen, mayWrite, own, choose, typed }} onType={setTyped} />
            </Popover.Portal>
        </Popover.Root>
    );
}

type SelectFieldProps = FrameProps & Choosing;

/** A choice out of a list, as a field of a form. */
export function SelectField({ label, error, hint, className, isLabelHidden, ...choosing }: SelectFieldProps) {
    const id = useId();
    const frame = { label, error, hint, className, isLabelHidden } as FrameProps;

    return (
        <FieldFrame id={id} {...frame}>
            <Select
                id={id}
                {...described(id, frame)}
                {...choosing}
                trigger={(chosen) => ({
                    className: 'field flex items-center justify-between gap-2 text-left disabled:opacity-60',
                    children: (
                        <>
                            <span className={clsx('truncate', String(choosing.value) === '' && 'text-ink-2')}>{chosen}</span>
                            <ChevronDown aria-hidden size={14} className="flex-none text-ink-2" />
                        </>
                    ),
                })}
            />
        </FieldFrame>
    );
}

/** A choice within a sentence: as words with a rule beneath, not as a field. */
export function WordSelect({ label, ...choosing }: { label: string } & Choosing) {
    return (
        <Select
            aria-label={label}
            {...choosing}
            trigger={(chosen) => ({
                className: clsx(
                    'max-w-56 min-w-0 truncate border-b border-rule py-0.5 text-left',
                    'font-semibold text-ink hover:border-ink pointer-coarse:min-h-11',
                ),
                children: chosen,
            })}
        />
    );
}
