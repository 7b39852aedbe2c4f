import { clsx } from 'clsx';
interface Props {
    label: string;
    value: string;
    isFocused?: boolean;
    onChange: (words: string) => void;
    /** Called by Enter, also on an empty line. */
    onEnter: () => void;
    onLeave?: () => void;
}

/** A line to write on. It grows with its words; Enter ends it. */
export function LineField({ label, value, isFocused = false, onChange, onEnter, onLeave }: Props) {
    return (
        <textarea
            aria-label={label}
            placeholder={label}
            rows={1}
            maxLength={2000}
            autoFocus={isFocused}
            value={value}
            className={clsx(
                'field-sizing-content block min-h-6.5 w-full resize-none',
                'bg-transparent leading-6.5 placeholder:text-ink-2 focus:outline-none',
            )}
            onChange={(event) => {
                onChange(event.target.value);
            }}
            onBlur={onLeave}
            onKeyDown={(event) => {
                if (event.key === 'Enter' && !event.ctrlKey && !event.metaKey && !event.nativeEvent.isComposing) {
                    event.preventDefault();
                    onEnter();
                }
            }}
        />
    );
}
