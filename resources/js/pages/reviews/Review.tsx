import { Head } from '@inertiajs/react';
import { useState } from 'react';
import type { ReviewView, WeekFacts } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Facts } from '../../parts/reviews/Facts';
import { Held } from '../../parts/reviews/Held';
import { LeftOver } from '../../parts/reviews/LeftOver';
import { Spread } from '../../parts/reviews/Spread';
import { Words } from '../../parts/reviews/Words';
import { Button, ButtonLink } from '../../ui/Button';

/** A week's review: the facts on the left page, your words on the right, then decisions on what is left over. */
export default function Review({ page }: { page: ReviewView }) {
    const [isDeciding, setDeciding] = useState(false);
    const facts = page.facts ?? (page.kept as unknown as WeekFacts | null);
    const hold = () => {
        act('post', route('reviews.hold', page.week.name));
    };
    const isOpen = page.heldAt === null && page.hasBegun;
    const mustDecide = page.leftOver.length > 0 && !isDeciding;

    useKeys({
        'Ctrl Enter': {
            words: 'Sort open tasks, or finish the review',
            run: () => {
                if (isOpen && mustDecide) {
                    setDeciding(true);
                } else if (isOpen) {
                    hold();
                }
            },
        },
    });

    return (
        <div className="flex flex-1 flex-col">
            <Head title={`Review of ${page.week.words}`} />
            <Spread
                facts={facts !== null && <Facts week={page.week} facts={facts} />}
                words={
                    !page.hasBegun ? (
                        <p className="text-ink-2">This week has not begun, so there is nothing to review yet.</p>
                    ) : isDeciding && isOpen && page.ahead !== null ? (
                        <LeftOver title="Open tasks to sort" groups={page.leftOver} people={page.people} ahead={page.ahead} />
                    ) : (
                        <Words page={page} />
                    )
                }
            >
                {page.heldAt !== null && (
                    <>
                        <Held period={page.week.name} on={page.heldAt} sharing={page.sharing} />
                        <ButtonLink kind="main" href={route('week.show', page.week.next)}>
                            Plan the week after
                        </ButtonLink>
                    </>
                )}
                {isOpen && <FinishOrSort isDeciding={isDeciding} onDecide={setDeciding} onFinish={hold} mustDecide={mustDecide} />}
            </Spread>
        </div>
    );
}

interface FinishProps {
    isDeciding: boolean;
    onDecide: (isDeciding: boolean) => void;
    onFinish: () => void;
    mustDecide: boolean;
}

/** What is left over is sorted first; then the review is finished. */
function FinishOrSort({ isDeciding, onDecide, onFinish, mustDecide }: FinishProps) {
    return (
        <>
            {isDeciding && (
                <Button
                    onClick={() => {
                        onDecide(false);
                    }}
                >
                    Back to the questions
                </Button>
            )}
            {mustDecide ? (
                <Button
                    kind="main"
                    keys="Ctrl ↵"
                    onClick={() => {
                        onDecide(true);
                    }}
                >
                    Sort open tasks
                </Button>
            ) : (
                <Button kind="main" keys="Ctrl ↵" onClick={onFinish}>
                    Finish review
                </Button>
            )}
        </>
    );
}
