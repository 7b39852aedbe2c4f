import { Check } from '../../ui/Check';

interface Props {
    problem: string | undefined;
    isSure: boolean;
    onChange: (isSure: boolean) => void;
}

/** Asks about a date that is more likely a slip of the hand, once it was refused. */
export function SureOfDate({ problem, isSure, onChange }: Props) {
    return problem === undefined && !isSure ? null : (
        <div>
            {problem !== undefined && (
                <p role="alert" className="text-sm font-medium text-persimmon">
                    {problem}
                </p>
            )}
            <Check label="The date is right" checked={isSure} onChange={onChange} />
        </div>
    );
}
