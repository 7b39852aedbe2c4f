import type { DayView } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { route } from '../../lib/routes';
import { Cord } from '../signs/Cord';
import { Empty } from '../signs/Section';
import { TaskLine } from '../task/TaskLine';
import { FocusSession } from './FocusSession';
import { ButtonLink } from '../../ui/Button';

/** What the day is for, with its focus session. */
export function MainThing({ page }: { page: DayView }) {
    const { mainThing } = page;

    return (
        <div className="double-rule mt-3 flex flex-wrap items-start justify-between gap-x-6 gap-y-2 border-b border-b-hairline py-3">
            <div className="min-w-0 flex-1 basis-80">
                {mainThing === null ? (
                    <Nothing page={page} />
                ) : (
                    <>
                        <p className="flex flex-wrap items-center gap-x-3 text-xs text-ink-2">
                            {page.isChosen ? 'The main thing' : page.isToday ? 'The first of today' : 'The first of the day'}{' '}
                            <Cord cord={mainThing.cord} /> {mainThing.for}
                            {!page.isChosen && !page.isPast && (
                                <button
                                    type="button"
                                    className="link"
                                    onClick={() => {
                                        act('put', route('tasks.main', mainThing.id), { on: page.on });
                                    }}
                                >
                                    Make it the main thing
                                </button>
                            )}
                        </p>
                        <ul className="text-lg max-md:[&_.two-lines]:[display:inline]">
                            <TaskLine task={mainThing} people={[]} />
                        </ul>
                    </>
                )}
            </div>
            {(page.isToday || page.running !== null) && <FocusSession page={page} />}
        </div>
    );
}

function Nothing({ page }: { page: DayView }) {
    if (page.isPast) {
        return <Empty>Nothing was planned for this day.</Empty>;
    }

    return (
        <Empty action={<ButtonLink href={route('week.show', page.week.name)}>Choose from the week</ButtonLink>}>
            {page.tasks.length > 0 ? 'All that was planned for this day is done.' : 'Nothing is planned for this day yet.'}
        </Empty>
    );
}
