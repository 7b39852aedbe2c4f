import { OfferedLines } from './OfferedLines';
import type { ReportView } from '../../generated/props';
import { Section } from '../signs/Section';

interface Props {
    page: Pick<ReportView, 'figures' | 'lines'>;
    takeIn: (line: string) => void;
}

/** What can be taken into a report by one press each, below the line on which one writes. */
export function Offered({ page, takeIn }: Props) {
    return (
        <div className="mt-6 grid grid-cols-2 gap-x-8 max-md:grid-cols-1">
            <Section title="Figures" aside="stay up to date until it is sent">
                <OfferedLines lines={page.figures} takeIn={takeIn} />
            </Section>
            <Section title="Worth telling, and your findings" aside="only you see these until you take one in">
                {page.lines.length === 0 && <p className="py-1 text-sm text-ink-2">Nothing was marked in this span.</p>}
                <OfferedLines lines={page.lines} takeIn={takeIn} />
            </Section>
        </div>
    );
}
