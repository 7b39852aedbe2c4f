import { clsx } from 'clsx';
import { Check as Mark } from 'lucide-react';
import { Checkbox } from 'radix-ui';
import { type ReactNode, useId } from 'react';

interface Props {
    label: ReactNode;
    checked: boolean;
    onChange: (checked: boolean) => void;
    disabled?: boolean;
}

/** One thing that is so or not, with its words beside it. */
export function Check({ label, checked, onChange, disabled = false }: Props) {
    const id = useId();

    return (
        <div className="flex min-h-8 items-center gap-2 pointer-coarse:min-h-11">
            <Checkbox.Root
                id={id}
                checked={checked}
                disabled={disabled}
                onCheckedChange={(now) => {
                    onChange(now === true);
                }}
                className={clsx(
                    'relative flex size-4 flex-none items-center justify-center border border-rule bg-sheet',
                    'pointer-coarse:after:absolute pointer-coarse:after:-inset-3.5',
                    'hover:border-ink data-[state=checked]:border-ink data-[state=checked]:bg-ink data-disabled:opacity-50',
                )}
            >
                <Checkbox.Indicator>
                    <Mark aria-hidden size={12} strokeWidth={3} className="text-sheet" />
                </Checkbox.Indicator>
            </Checkbox.Root>
            <label htmlFor={id} className="cursor-pointer">
                {label}
            </label>
        </div>
    );
}
