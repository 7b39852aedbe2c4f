import { Link } from '@inertiajs/react';
import { Row } from './DayRow';
import { DecisionLines } from '../signs/DecisionList';
import type { PassedWeek } from '../../generated/props';
import { dayWords, isDay, ofWords, spanWords } from '../../lib/dates';

/** What is known of a week that is over besides its plan: what was decided, what one wrote, who was away. */
export function Passed({ passed: { decisions, written, away } }: { passed: PassedWeek }) {
    return (
        <>
            {decisions.length > 0 && (
                <Row label={<h2 className="text-base">Decided</h2>} hint="in meetings, and outside them">
                    <DecisionLines decisions={decisions} />
                </Row>
            )}
            {written.length > 0 && (
                <Row label={<h2 className="text-base">You wrote</h2>} hint="only you see it">
                    <ul className="divide-y divide-hairline">
                        {written.map((line) => (
                            <li key={`${line.source} ${String(line.id)}`} className="py-1.5">
                                <p className="text-xs text-ink-2">
                                    <Link href={line.link} className="hover:underline">
                                        {isDay(line.of) ? dayWords(line.of) : `Review of ${ofWords(line.of)}`}
                                    </Link>
                                    , {line.question}
                                    {line.level !== null && `, kept for the ${line.level}`}
                                </p>
                                <p className="wrap-anywhere whitespace-pre-wrap">{line.words}</p>
                            </li>
                        ))}
                    </ul>
                </Row>
            )}
            {away.length > 0 && (
                <Row label={<h2 className="text-base">Away</h2>} hint="">
                    <ul>
                        {away.map((each) => (
                            <li key={`${String(each.who.id)} ${each.first}`}>
                                {each.who.name}{' '}
                                <span className="text-xs text-ink-2">
                                    {each.first === each.last ? dayWords(each.first) : spanWords(each.first, each.last)}
                                </span>
                            </li>
                        ))}
                    </ul>
                </Row>
            )}
        </>
    );
}
