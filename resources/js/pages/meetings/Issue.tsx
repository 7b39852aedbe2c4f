import { Head, Link } from '@inertiajs/react';
import type { IssueView } from '../../generated/props';
import { dayWords } from '../../lib/dates';
import { route } from '../../lib/routes';
import { needWords, outcomeWords, rankWords, times } from '../../lib/words';
import { Comments } from '../../parts/beside/Comments';
import { Cord } from '../../parts/signs/Cord';
import { IssueForm } from '../../parts/meetings/IssueForm';
import { IssuePath } from '../../parts/meetings/IssuePath';
import { Section } from '../../parts/signs/Section';
import { DialogButton } from '../../ui/DialogButton';

/** An issue with its whole path: where it came from, in which meetings it was, what became of it. */
export default function Issue({ page }: { page: IssueView }) {
    const { issue } = page;

    return (
        <div className="grid flex-1 grid-cols-[1fr_320px] max-lg:grid-cols-1">
            <Head title={issue.title} />
            <div className="sheet-edge min-w-0 space-y-6">
                <header>
                    <p className="flex flex-wrap items-center gap-x-3 text-xs text-ink-2">
                        <Cord cord={issue.cord} />
                        <Link href={page.seriesLink} className="link">
                            {page.series}
                        </Link>
                        {page.outcome === null ? 'open' : outcomeWords[page.outcome]}
                        {page.settledOn !== null && dayWords(page.settledOn)}
                        {page.returnOn !== null && `, comes back ${dayWords(page.returnOn)}`}
                    </p>
                    <h1>{issue.title}</h1>
                    {issue.context !== null && <p className="mt-2 max-w-prose whitespace-pre-line">{issue.context}</p>}
                    {page.became !== null && (
                        <p className="mt-2">
                            Became{' '}
                            <Link href={page.became.link} className="link">
                                {page.became.title}
                            </Link>
                        </p>
                    )}
                </header>
                <IssuePath path={page.path} raised={`Raised by ${issue.raisedBy.name}`} on={issue.raisedOn} />
                <Section title="Comments" aside="Type @name to notify someone.">
                    <Comments of={`issue ${String(issue.id)}`} comments={page.comments} address={route('issues.comment', issue.id)} />
                </Section>
            </div>
            <aside className="sheet-edge space-y-6 border-l border-hairline max-lg:border-0">
                <Section title="What it needs">
                    <dl className="facts">
                        <Fact name="Ends in" value={needWords[issue.need]} />
                        <Fact name="Waiting" value={rankWords(issue.rank)} />
                        <Fact name="Takes" value={`${String(issue.minutes)} min`} />
                        {issue.waited > 0 && <Fact name="Postponed" value={times(issue.waited)} />}
                        {issue.for !== null && <Fact name="For" value={issue.for} />}
                        {page.source !== null && <Fact name="Source" value={page.source} />}
                        {page.forOn !== null && <Fact name="Only for" value={dayWords(page.forOn)} />}
                        {page.about !== null && (
                            <div>
                                <dt className="text-ink-2">About</dt>
                                <dd>
                                    <Link href={page.about.link} className="link">
                                        {page.about.title}
                                    </Link>
                                </dd>
                            </div>
                        )}
                    </dl>
                </Section>
                {page.mayChange && (
                    <DialogButton words="Edit" title="Edit the issue" size="l">
                        {(close) => <IssueForm page={page} address={route('issues.update', issue.id)} onDone={close} />}
                    </DialogButton>
                )}
            </aside>
        </div>
    );
}

function Fact({ name, value }: { name: string; value: string }) {
    return (
        <div>
            <dt className="text-ink-2">{name}</dt>
            <dd className="wrap-anywhere">{value}</dd>
        </div>
    );
}
