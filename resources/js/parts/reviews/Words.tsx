import { AskedGoals } from '../goals/AskedGoals';
import { Checks } from './Checks';
import { QuestionBank } from './QuestionBank';
import { Questions } from './Questions';
import { Resolutions } from './Resolutions';
import type { ReviewView } from '../../generated/props';

/** Your words on a week: what you wanted to do differently, then the questions in any order. */
export function Words({ page }: { page: ReviewView }) {
    const isOpen = page.heldAt === null;
    const asked = page.questions.filter((question) => !question.isResting && !question.isCheck);
    const answered = asked.filter((question) => question.answer.trim() !== '').length;

    return (
        <>
            <div className="mb-4 flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-md">Your words</h2>
                <span className="text-xs text-ink-2">
                    {answered} of {asked.length} answered, in any order
                    {isOpen && ', saved automatically'}
                    {isOpen && <QuestionBank horizon="week" questions={page.questions} />}
                </span>
            </div>
            <Resolutions period={page.week.name} resolutions={page.resolutions} isOpen={isOpen} />
            <AskedGoals goals={page.asked} className="mb-5" />
            <Checks period={page.week.name} questions={page.questions} isOpen={isOpen} />
            <Questions
                sharing={page.sharing}
                period={page.week.name}
                questions={page.questions}
                isOpen={isOpen}
                up={{ to: 'month', name: page.month }}
            />
        </>
    );
}
