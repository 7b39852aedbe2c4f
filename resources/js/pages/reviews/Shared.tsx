import { Head } from '@inertiajs/react';
import type { SharedView } from '../../generated/props';
import { ofWords } from '../../lib/dates';
import { Empty } from '../../parts/signs/Section';

/** What others let one read of their reviews. */
export default function Shared({ page }: { page: SharedView }) {
    return (
        <div className="sheet-edge max-w-4xl">
            <Head title="Shared with you" />
            <h1>Shared with you</h1>
            {page.reviews.length === 0 && <Empty>What others share of their reviews is read here.</Empty>}
            {page.reviews.map(({ by, period, answers }) => (
                <section key={`${String(by.id)} ${period}`} className="mt-5 border-t-2 border-ink pt-2">
                    <h2 className="text-md">
                        {by.name} <span className="text-xs font-normal text-ink-2">{ofWords(period)}</span>
                    </h2>
                    <dl>
                        {answers.map((answer) => (
                            <div key={answer.id} className="border-t border-hairline py-2">
                                <dt className="text-xs text-ink-2">{answer.question}</dt>
                                <dd className="whitespace-pre-wrap wrap-anywhere">{answer.words}</dd>
                            </div>
                        ))}
                    </dl>
                </section>
            ))}
        </div>
    );
}
