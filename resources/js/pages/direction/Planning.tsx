import { Head, router } from '@inertiajs/react';
import { clsx } from 'clsx';
import { count } from '../../lib/words';
import { WordSelect } from '../../ui/Select';
import type { PlanningStep, PlanningView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { dayWords, fullDateWords, wordsOf } from '../../lib/dates';
import { route } from '../../lib/routes';
import { DirectionStep } from '../../parts/planning/DirectionStep';
import { OrderStep } from '../../parts/planning/OrderStep';
import { GoalsStep } from '../../parts/planning/GoalsStep';
import { EffortsStep } from '../../parts/planning/EffortsStep';
import { LoadBeside } from '../../parts/planning/LoadBeside';
import { HoursStep } from '../../parts/planning/HoursStep';
import { LookBack } from '../../parts/planning/LookBack';
import { WrittenAbout } from '../../parts/reviews/WrittenAbout';
import { ShelveStep } from '../../parts/planning/ShelveStep';
import { Steps } from '../../parts/planning/Steps';
import { stepWords } from '../../parts/planning/steps';
import { Button, ButtonLink } from '../../ui/Button';

/** A guided pass through the planning of a year, a quarter, a month or some weeks. */
export default function Planning({ page }: { page: PlanningView }) {
    const { stretch, step } = page;

    return (
        <div className="sheet-edge">
            <Head title={`Plan ${wordsOf(stretch)}`} />
            <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-4">
                <h1>Plan {wordsOf(stretch)}</h1>
                {stretch.horizon === 'week' && <HowManyWeeks page={page} />}
                <p className="text-xs text-ink-2">
                    {dayWords(stretch.first)} to {dayWords(stretch.last)}
                    {page.finishedOn !== null && `, planned on ${fullDateWords(page.finishedOn)}`}
                </p>
            </div>
            <Steps page={page} />
            <p className="mb-4 text-lg font-semibold">{stepWords[step].asks}</p>
            <div
                className={clsx(
                    'grid gap-x-10 gap-y-6 max-lg:grid-cols-1',
                    page.load.length > 0 && step !== 'hours' && 'grid-cols-[1fr_264px]',
                )}
            >
                <div className="min-w-0">
                    <Step page={page} />
                    <WrittenAbout lines={page.written} className="mt-6" />
                    <Onward page={page} />
                </div>
                {page.load.length > 0 && step !== 'hours' && <LoadBeside page={page} />}
            </div>
        </div>
    );
}

/** Weeks can be planned several at once. */
function HowManyWeeks({ page }: { page: PlanningView }) {
    const week = page.stretch.periods[0]?.name ?? '';

    return (
        <p className="ml-auto text-ink-2">
            for{' '}
            <WordSelect
                label="How many weeks"
                value={page.stretch.periods.length}
                options={[1, 2, 3, 4, 5, 6].map((weeks) => ({ value: weeks, label: count(weeks, 'week') }))}
                onChange={(weeks) => {
                    router.visit(route('planning', weeks === '1' ? week : `${week}+${weeks}`));
                }}
            />
        </p>
    );
}

function Step({ page }: { page: PlanningView }) {
    switch (page.step) {
        case 'look_back':
            return <LookBack page={page} />;
        case 'direction':
            return <DirectionStep page={page} />;
        case 'goals':
            return <GoalsStep page={page} />;
        case 'order':
            return <OrderStep page={page} />;
        case 'efforts':
            return <EffortsStep page={page} />;
        case 'hours':
            return <HoursStep page={page} />;
        case 'shelve':
            return <ShelveStep page={page} />;
    }
}

/** On to the next step, or to the end. It can be left at any time and is taken up where it was left. */
function Onward({ page }: { page: PlanningView }) {
    const place = page.steps.indexOf(page.step);
    const next = page.steps[place + 1];
    const before = page.steps[place - 1];
    const go = (step: PlanningStep) => {
        act('put', route('planning.step', { stretch: page.stretch.name, step }));
    };

    return (
        <div className="mt-8 flex flex-wrap items-center gap-3 border-t border-rule pt-4">
            {next !== undefined ? (
                <Button
                    kind="main"
                    onClick={() => {
                        go(next);
                    }}
                >
                    Next: {stepWords[next].name}
                </Button>
            ) : (
                <Button
                    kind="main"
                    onClick={() => {
                        act('post', route('planning.finish', page.stretch.name));
                    }}
                >
                    Finish planning {page.stretch.words}
                </Button>
            )}
            {before !== undefined && (
                <Button
                    onClick={() => {
                        go(before);
                    }}
                >
                    Back
                </Button>
            )}
            <ButtonLink kind="quiet" href={route('day')}>
                Finish later
            </ButtonLink>
        </div>
    );
}
