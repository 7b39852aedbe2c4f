import { clsx } from 'clsx';
import { RadioGroup } from 'radix-ui';

export interface Choice<T extends string> {
    value: T;
    words: string;
    /** Why it cannot be chosen now. */
    refused?: string;
}

interface Props<T extends string> {
    label: string;
    value: T | '';
    /** A word that is only proposed: it is marked so until somebody chooses. */
    proposed?: T | null;
    because?: string | null;
    choices: Choice<T>[];
    onChoose: (value: T | '') => void;
}

/** A few words of which one is chosen, or none: the chosen one is filled, a proposed one has a dashed border. */
export function Choices<T extends string>({ label, value, proposed = null, because, choices, onChoose }: Props<T>) {
    return (
        <RadioGroup.Root
            aria-label={label}
            value={value}
            orientation="horizontal"
            className="flex flex-wrap gap-x-1.5 gap-y-1.5"
            onValueChange={(chosen) => {
                onChoose(chosen as T);
            }}
        >
            {choices.map((choice) => {
                const isProposed = value === '' && choice.value === proposed;

                return (
                    <RadioGroup.Item
                        key={choice.value}
                        value={choice.value}
                        disabled={choice.refused !== undefined}
                        title={choice.refused ?? (isProposed ? (because ?? undefined) : undefined)}
                        className={clsx(
                            'min-h-8 border px-2.5 pointer-coarse:min-h-11',
                            choice.value === value
                                ? 'border-ink bg-ink font-semibold text-sheet'
                                : 'text-ink hover:border-ink hover:bg-faint',
                            choice.value !== value && (isProposed ? 'border-dashed border-ink' : 'border-hairline'),
                            'disabled:cursor-not-allowed disabled:line-through disabled:hover:text-ink-2',
                        )}
                        onClick={() => {
                            // What was chosen by mistake is let go of by choosing it again.
                            if (choice.value === value) {
                                onChoose('');
                            }
                        }}
                    >
                        {choice.words}
                        {isProposed && <span className="sr-only"> (proposed)</span>}
                    </RadioGroup.Item>
                );
            })}
        </RadioGroup.Root>
    );
}
