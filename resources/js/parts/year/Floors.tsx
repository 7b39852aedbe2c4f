import { useYear } from './Drawing';
import { PeriodFloor } from './PeriodFloor';
import { TodayLine } from './TodayLine';
import { WeekFloor } from './WeekFloor';
import { WideFloor } from './WideFloor';
import type { YearView, YearFloor } from '../../generated/props';

/** More weeks than this have no room for their goals' names. */
const NAMED_WEEKS = 14;

/** The storeys from the year down. What is longer than the drawn period stands above it, out of the scale of time. */
export function Floors() {
    const sheet = useYear();
    const above = sheet.floors.slice(0, sheet.above.length);
    const drawn = sheet.floors.slice(sheet.above.length);

    return (
        <>
            {above.map((floor, place) => (
                <FloorOf key={floor.horizon} floor={floor} isTop={place === 0} />
            ))}
            <div className="relative">
                {drawn.map((floor, place) => (
                    <FloorOf key={floor.horizon} floor={floor} isTop={place === 0 && above.length === 0} />
                ))}
                {sheet.holdsOn && sheet.period.first !== sheet.period.last && <TodayLine sheet={sheet} />}
            </div>
        </>
    );
}

function FloorOf({ floor, isTop }: { floor: YearFloor; isTop: boolean }) {
    const sheet = useYear();
    const [only, ...more] = floor.columns;

    if (only !== undefined && more.length === 0) {
        return (
            <WideFloor
                floor={floor}
                column={only}
                aside={floor.horizon === 'year' ? slackWords(sheet, only.goals.length) : ''}
                isTop={isTop}
            />
        );
    }

    return floor.horizon === 'week' && floor.columns.length > NAMED_WEEKS ? <WeekFloor floor={floor} /> : <PeriodFloor floor={floor} />;
}

function slackWords({ slackest, lag }: YearView, goals: number): string {
    const count = goals === 1 ? 'One goal.' : `${String(goals)} goals.`;

    return slackest === null ? `${count} No thread is behind.` : `${count} Furthest behind: ${slackest.title}. ${lag ?? ''}`.trim();
}
