import { RuledText } from '../fields/RuledText';
import { Section } from '../signs/Section';
import { TaskTitle } from './TaskTitle';
import { Questions } from './Questions';
import type { DayView, EveningRow } from '../../generated/props';
import { act } from '../../lib/queue/act';
import { longDayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { Choices } from '../../ui/Choices';

const scores = ['1', '2', '3', '4', '5'].map((value) => ({ value, words: value }));

/** The end of the day: up to three questions of one's own, and the main thing of the next working day. */
export function Evening({ page }: { page: DayView }) {
    const { evening } = page;

    return (
        <div id="evening" className="scroll-mt-16">
            <Section title={page.isToday ? 'This evening' : 'That evening'} className="mt-8" aside={<Questions bank={evening.bank} />}>
                {evening.questions.map((row) => (
                    <Question key={row.question} row={row} on={page.on} />
                ))}
                {evening.questions.length === 0 && <p className="py-1 text-ink-2">No questions are asked. Choose up to three.</p>}
            </Section>
            {evening.next !== null && (
                <Section title={`The main thing of ${longDayWords(evening.next)}`} className="mt-6">
                    {evening.candidates.length === 0 && <p className="py-1 text-ink-2">Nothing is planned for that week yet.</p>}
                    <ul>
                        {evening.candidates.map((task) => (
                            <TaskTitle
                                key={task.id}
                                task={task}
                                isChosen={task.id === evening.nextMain?.id}
                                onChoose={() => {
                                    act('put', route('tasks.main', task.id), { on: evening.next });
                                }}
                            />
                        ))}
                    </ul>
                </Section>
            )}
        </div>
    );
}

function Question({ row, on }: { row: EveningRow; on: string }) {
    const url = route('evening.answer', on);

    return (
        <div className="py-2">
            <p className="text-sm font-semibold">{row.question}</p>
            {row.isScore ? (
                <Choices
                    label={row.question}
                    value={row.score === null ? '' : String(row.score)}
                    choices={scores}
                    onChoose={(score) => {
                        act('put', url, { question: row.question, score: score === '' ? null : Number(score) });
                    }}
                />
            ) : (
                <RuledText
                    label={row.question}
                    value={row.words}
                    rows={1}
                    url={url}
                    payload={(words, seen) => ({ question: row.question, words, seen })}
                />
            )}
        </div>
    );
}
