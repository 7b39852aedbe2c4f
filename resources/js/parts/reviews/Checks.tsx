import type { QuestionRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Check } from '../../ui/Check';

interface Props {
    period: string;
    questions: QuestionRow[];
    isOpen: boolean;
}

/** One's own checklist, blank in each review. */
export function Checks({ period, questions, isOpen }: Props) {
    const checks = questions.filter((question) => question.isCheck && (!question.isResting || question.answer !== ''));

    return checks.length === 0 ? null : (
        <fieldset className="mb-5">
            <legend className="text-base font-semibold">Checklist</legend>
            <div className="grid grid-cols-2 gap-x-6 max-lg:grid-cols-1">
                {checks.map((check) => (
                    <Check
                        key={check.key}
                        label={check.question}
                        checked={check.answer !== ''}
                        disabled={!isOpen}
                        onChange={(on) => {
                            act('put', route('reviews.answer', period), { question: check.key, words: on ? 'done' : '' });
                        }}
                    />
                ))}
            </div>
        </fieldset>
    );
}
