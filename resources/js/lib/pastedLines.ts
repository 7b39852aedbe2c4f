/** What begins a line of a list: a bullet, a box to tick, a number. */
const bullet = /^\s*(?:[-*•–·‣▪◦]\s+)?(?:\[[ xX]?\]\s+|[☐☑✓✔]\s*)?(?:\(?\d{1,3}[.)]\s+|[a-z]\)\s+)?/;

/** The lines of a text that was pasted, without what marks them as a list; empty for a text of one line. */
export function pastedLines(text: string): string[] {
    const lines = text
        .split(/\r\n|\r|\n/)
        .map((line) => line.replace(bullet, '').trim())
        .filter((line) => line !== '');

    return lines.length > 1 ? lines : [];
}
