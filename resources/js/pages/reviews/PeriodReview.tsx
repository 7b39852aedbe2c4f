import { Head, Link } from '@inertiajs/react';
import { wordsOf } from '../../lib/dates';
import type { PeriodFacts as Facts, PeriodReviewView, FindingLevel } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { useKeys } from '../../lib/keys';
import { route } from '../../lib/routes';
import { count } from '../../lib/words';
import { Checks } from '../../parts/reviews/Checks';
import { Digest } from '../../parts/reviews/Digest';
import { Held } from '../../parts/reviews/Held';
import { PeriodFacts } from '../../parts/reviews/PeriodFacts';
import { QuestionBank } from '../../parts/reviews/QuestionBank';
import { Questions } from '../../parts/reviews/Questions';
import { Spread } from '../../parts/reviews/Spread';
import { WhatFollows } from '../../parts/reviews/WhatFollows';
import { YearInLines } from '../../parts/reviews/YearInLines';
import { Button, ButtonLink } from '../../ui/Button';

/** In which review a finding of this one comes back. */
const upNames = { month: 'the month’s review', quarter: 'the quarter’s review', year: 'the year’s review' };

/** The review of a month, quarter or year: never a blank page, it begins with what was written in the shorter ones. */
export default function PeriodReview({ page }: { page: PeriodReviewView }) {
    const { period } = page;
    const facts = page.facts ?? (page.kept as unknown as Facts | null);
    const isOpen = page.heldAt === null && page.hasBegun;
    const up = page.upTo === null ? null : { to: page.upTo, name: upNames[page.upTo] };
    const hold = () => {
        act('post', route('reviews.hold', period.name));
    };

    useKeys({
        'Ctrl Enter': {
            words: 'Finish the review',
            run: () => {
                if (isOpen) {
                    hold();
                }
            },
        },
    });

    return (
        <div className="flex flex-1 flex-col">
            <Head title={`Review of ${wordsOf(period)}`} />
            <Spread
                facts={facts !== null && <PeriodFacts period={period} facts={facts} />}
                words={
                    !page.hasBegun ? (
                        <p className="text-ink-2">{period.words} has not begun, so there is nothing to review yet.</p>
                    ) : (
                        <Words page={page} isOpen={isOpen} up={up} />
                    )
                }
            >
                {page.heldAt !== null && (
                    <>
                        <Held period={period.name} on={page.heldAt} sharing={page.sharing} />
                        {page.plan !== null && (
                            <ButtonLink kind="main" href={page.plan}>
                                Plan what comes next
                            </ButtonLink>
                        )}
                    </>
                )}
                {isOpen && (
                    <>
                        <ButtonLink href={page.close}>Close its goals</ButtonLink>
                        <Button kind="main" keys="Ctrl ↵" onClick={hold}>
                            Finish review
                        </Button>
                    </>
                )}
            </Spread>
        </div>
    );
}

function Words({ page, isOpen, up }: { page: PeriodReviewView; isOpen: boolean; up: { to: FindingLevel; name: string } | null }) {
    return (
        <>
            <YearInLines page={page} />
            <Digest rows={page.digest} horizon={page.horizon} up={up} isOpen={isOpen} />
            <p className="-mt-4 mb-6 text-xs print:hidden">
                <Link href={route('reviews.answers', { _query: { from: page.period.first, until: page.period.last } })} className="link">
                    Read all you wrote in {page.period.words} in one go
                </Link>
            </p>
            <div className="mb-3 flex items-baseline justify-between border-t border-rule pt-3">
                <h2 className="text-md">Your words</h2>
                {isOpen && <QuestionBank horizon={page.horizon} questions={page.questions} />}
            </div>
            <Checks period={page.period.name} questions={page.questions} isOpen={isOpen} />
            <Questions sharing={page.sharing} period={page.period.name} questions={page.questions} isOpen={isOpen} up={up} />
            <WhatFollows period={page.period} lines={page.follows} />
            {page.thinning !== null && page.thinning > 0 && (
                <p className="mt-6 border-t border-rule pt-3 print:hidden">
                    <Link href={route('thinning.index')} className="link">
                        Thin out {count(page.thinning, 'task')}
                    </Link>{' '}
                    <span className="text-sm text-ink-2">without recent activity, or on the shelf without a return date.</span>
                </p>
            )}
        </>
    );
}
