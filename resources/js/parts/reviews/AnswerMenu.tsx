import { usePage } from '@inertiajs/react';
import { useEffect, useState } from 'react';
import { RecordField } from '../fields/Choose';
import type { QuestionRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { refresh } from '../../lib/background';
import { route } from '../../lib/routes';
import { Dialog } from '../../ui/Dialog';
import { Menu, MenuItem } from '../../ui/Menu';

/** What else can be said of an answer: that it is worth telling, and which goal it is about. */
export function AnswerMenu({ question, answer }: { question: QuestionRow; answer: number }) {
    const [isTying, setTying] = useState(false);
    const said = [
        ...(question.goalTitle === null ? [] : [`about ${question.goalTitle}`]),
        ...(question.isWorthTelling ? ['worth telling'] : []),
    ];

    return (
        <>
            {said.length > 0 && <span className="max-w-64 truncate text-xs font-semibold">{said.join(', ')}</span>}
            <Menu
                trigger={
                    <button
                        type="button"
                        aria-label={`More for your answer to “${question.question}”`}
                        className="flex size-6 flex-none items-center justify-center text-ink-2 hover:text-ink pointer-coarse:size-11"
                    >
                        …
                    </button>
                }
            >
                <MenuItem
                    onSelect={() => {
                        act('put', route('worth-telling.mark'), { source: 'answer', id: answer, isWorth: !question.isWorthTelling });
                    }}
                >
                    {question.isWorthTelling ? 'Not worth telling' : 'Worth telling'}
                </MenuItem>
                <MenuItem
                    onSelect={() => {
                        setTying(true);
                    }}
                >
                    {question.goal === null ? 'About a goal' : 'About another goal, or none'}
                </MenuItem>
            </Menu>
            <Dialog
                isOpen={isTying}
                onOpenChange={setTying}
                title="Which goal is this about?"
                hint="Your answer comes back to you when that goal is planned or closed."
            >
                <ChooseGoal
                    answer={answer}
                    goal={question.goal}
                    onDone={() => {
                        setTying(false);
                    }}
                />
            </Dialog>
        </>
    );
}

function ChooseGoal({ answer, goal, onDone }: { answer: number; goal: number | null; onDone: () => void }) {
    const { served } = usePage().props;

    useEffect(() => {
        void refresh(['served']);
    }, []);

    return (
        <RecordField
            label="Goal"
            none="no goal"
            value={goal}
            options={served ?? []}
            onChoose={(id) => {
                act('put', route('reviews.tie'), { answer, goal: id }, { onDone });
            }}
        />
    );
}
