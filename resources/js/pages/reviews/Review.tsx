import { Head } from '@inertiajs/react';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { ReviewView, WeekFacts } from '../../generated/props';
import { act } from '../../lib/act';
import { dayWords } from '../../lib/dates';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { Facts } from '../../parts/reviews/Facts';
import { LeftOver } from '../../parts/reviews/LeftOver';
import { Words } from '../../parts/reviews/Words';
import { Button, ButtonLink } from '../../ui/Button';

/** A spread: the facts on the left page, your words on the right. */
export default function Review({ page }: { page: ReviewView }) {
    const [side, setSide] = useState<'facts' | 'words'>('facts');
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
            <div className="flex border-b border-hairline md:hidden">
                {(['facts', 'words'] as const).map((each) => (
                    <button
                        key={each}
                        type="button"
                        aria-pressed={side === each}
                        className={clsx('min-h-11 flex-1', side === each && 'border-b-3 border-ink font-semibold')}
                        onClick={() => {
                            setSide(each);
                        }}
                    >
                        {each === 'facts' ? 'What happened' : 'Your words'}
                    </button>
                ))}
            </div>
            <div className="grid flex-1 grid-cols-2 max-md:grid-cols-1">
                <div
                    className={clsx(
                        'min-w-0 border-r-4 border-double border-ink px-6 py-5 pr-9 max-md:border-0 max-md:px-4',
                        side !== 'facts' && 'max-md:hidden',
                    )}
                >
                    {facts !== null && <Facts week={page.week} facts={facts} />}
                </div>
                <div className={clsx('flex min-w-0 flex-col px-9 py-5 pr-6 max-md:px-4', side !== 'words' && 'max-md:hidden')}>
                    {!page.hasBegun ? (
                        <p className="text-ink-2">This week has not begun, so there is nothing to review yet.</p>
                    ) : isDeciding && isOpen ? (
                        <LeftOver page={page} />
                    ) : (
                        <Words page={page} />
                    )}
                    <div className="sticky bottom-0 mt-auto flex flex-wrap justify-end gap-2.5 bg-sheet py-4 print:hidden">
                        {page.heldAt !== null && (
                            <>
                                <span className="mr-auto self-center text-xs text-ink-2">
                                    Reviewed {dayWords(page.heldAt)}. The facts are kept as they were then.
                                </span>
                                <Button
                                    onClick={() => {
                                        act('post', route('reviews.reopen', page.week.name));
                                    }}
                                >
                                    Reopen
                                </Button>
                                <ButtonLink kind="main" href={route('week.show', page.week.next)}>
                                    Plan the week after
                                </ButtonLink>
                            </>
                        )}
                        {isOpen && isDeciding && (
                            <Button
                                onClick={() => {
                                    setDeciding(false);
                                }}
                            >
                                Back to the questions
                            </Button>
                        )}
                        {isOpen &&
                            (mustDecide ? (
                                <Button
                                    kind="main"
                                    keys="Ctrl ↵"
                                    onClick={() => {
                                        setDeciding(true);
                                    }}
                                >
                                    Sort open tasks
                                </Button>
                            ) : (
                                <Button kind="main" keys="Ctrl ↵" onClick={hold}>
                                    Finish review
                                </Button>
                            ))}
                    </div>
                </div>
            </div>
        </div>
    );
}
