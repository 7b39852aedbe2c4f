import { clsx } from 'clsx';

interface Props {
    label: string;
    isOn: boolean;
    onToggle: () => void;
    disabled?: boolean;
}

/** The box that says done. */
export function Tick({ label, isOn, onToggle, disabled = false }: Props) {
    return (
        <button
            type="button"
            role="checkbox"
            aria-checked={isOn}
            aria-label={label}
            disabled={disabled}
            onClick={onToggle}
            className="-m-1.5 flex size-6 flex-none items-center justify-center pointer-coarse:size-11"
        >
            <span className={clsx('relative block size-[13px] border-[1.5px] border-ink', isOn && 'bg-ink')}>
                {isOn && (
                    <span className="absolute top-0 left-[3px] h-[7px] w-[4px] rotate-40 border-r-[1.5px] border-b-[1.5px] border-sheet" />
                )}
            </span>
        </button>
    );
}
