import { clsx } from 'clsx';
import { type InputHTMLAttributes, type ReactNode, type TextareaHTMLAttributes, useId } from 'react';

export interface FrameProps {
    label: string;
    error?: string | undefined;
    hint?: ReactNode;
    className?: string | undefined;
    /** The label is there for who listens, and left out where the place says it. */
    isLabelHidden?: boolean;
}

/** A field's label above it, and under it what is wrong with it or else what helps. */
export function FieldFrame({
    id,
    label,
    error,
    hint,
    className,
    isLabelHidden = false,
    children,
}: FrameProps & { id: string; children: ReactNode }) {
    return (
        <div className={className}>
            <label htmlFor={id} className={clsx('mb-1 block text-sm font-semibold', isLabelHidden && 'sr-only')}>
                {label}
            </label>
            {children}
            {error !== undefined && (
                <p id={`${id}-error`} className="mt-1 text-sm font-medium text-persimmon">
                    {error}
                </p>
            )}
            {hint !== undefined && error === undefined && (
                <p id={`${id}-hint`} className="mt-1 text-xs text-ink-2">
                    {hint}
                </p>
            )}
        </div>
    );
}

/** What ties an input to the words beneath it. */
export const described = (id: string, { error, hint }: FrameProps) => ({
    'aria-invalid': error !== undefined,
    'aria-describedby': error !== undefined ? `${id}-error` : hint !== undefined ? `${id}-hint` : undefined,
});

type Input = FrameProps & Omit<InputHTMLAttributes<HTMLInputElement>, 'id' | 'className'>;

export function TextField({ label, error, hint, className, isLabelHidden, ...input }: Input) {
    const id = useId();
    const frame = { label, error, hint, className, isLabelHidden };

    return (
        <FieldFrame id={id} {...(frame as FrameProps)}>
            <input id={id} className="field" {...described(id, frame as FrameProps)} {...input} />
        </FieldFrame>
    );
}

type Area = FrameProps & Omit<TextareaHTMLAttributes<HTMLTextAreaElement>, 'id' | 'className'>;

export function TextArea({ label, error, hint, className, isLabelHidden, ...area }: Area) {
    const id = useId();
    const frame = { label, error, hint, className, isLabelHidden };

    return (
        <FieldFrame id={id} {...(frame as FrameProps)}>
            <textarea id={id} rows={3} className="field" {...described(id, frame as FrameProps)} {...area} />
        </FieldFrame>
    );
}
