import { Check } from '../../ui/Check';
import { Problem } from '../../ui/Problem';

interface Props {
    problem: string | undefined;
    isSure: boolean;
    onChange: (isSure: boolean) => void;
}

/** Asks about a date that is more likely a slip of the hand, once it was refused. */
export function SureOfDate({ problem, isSure, onChange }: Props) {
    return problem === undefined && !isSure ? null : (
        <div>
            <Problem isAlert words={problem} />
            <Check label="The date is right" checked={isSure} onChange={onChange} />
        </div>
    );
}
