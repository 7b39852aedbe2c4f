import { Sign, Signs } from '../../ui/Signs';

/** What the year bar and the gauges are drawn with. */
export function RailSigns() {
    return (
        <Signs label="Key to the year bar">
            <Sign mark={<span className="h-4 w-1 bg-ink" />}>a week; the taller, the more of its work was for goals</Sign>
            <Sign mark={<span className="h-0.5 w-3 bg-spruce" />}>the week was reviewed</Sign>
            <Sign mark={<span className="border-t border-dotted border-rule w-3" />}>it was not</Sign>
            <Sign mark={<span className="border-[1.5px] border-ink px-1 font-mono text-xs font-semibold">48</span>}>
                the week that is shown
            </Sign>
            <Sign mark={<span className="border border-chalk px-1 font-mono text-xs text-chalk">48</span>}>
                this week, while another is shown
            </Sign>
            <Sign mark={<span className="h-2 w-10 border-b border-rule bg-spruce" />}>done</Sign>
            <Sign mark={<span className="hatch h-2 w-10 border-b border-rule" />}>missing today</Sign>
            <Sign mark={<span className="hatch-crossed h-2 w-10 border-b border-rule" />}>missing, and far behind</Sign>
            <Sign mark={<span className="h-4 w-[2px] bg-chalk" />}>where it should stand today</Sign>
            <Sign mark={<span className="h-1 w-8 border border-b-0 border-chalk" />}>where it is likely to end (80%)</Sign>
        </Signs>
    );
}
