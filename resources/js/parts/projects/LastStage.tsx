import { lastMeansDone } from '../../lib/projects';
import { Check } from '../../ui/Check';
import { Problem } from '../../ui/Problem';

interface Props {
    stages: string[];
    isDone: boolean;
    error: string | undefined;
    onChange: (isDone: boolean) => void;
}

/** Whether the last of several stages means done. */
export function LastStage({ stages, isDone, error, onChange }: Props) {
    if (stages.length < 2) {
        return null;
    }

    return (
        <div>
            <Check label={lastMeansDone(stages.at(-1) ?? '')} checked={isDone} onChange={onChange} />
            <Problem words={error} />
        </div>
    );
}
