import type { OwnTerms } from '../generated/props';

/** A share in the terms of its measure: "28 harbours", "€61,500"; per cent where it is a share itself. */
export function termsOf(own: OwnTerms | null, percent: number, decimals = 0): string {
    if (own === null) {
        return `${percent.toFixed(decimals)}%`;
    }

    return withUnit(own, valueOf(own, percent));
}

/** The value itself, to be placed on a scale. */
export const valueOf = (own: OwnTerms, percent: number): number => own.start + ((own.target - own.start) * percent) / 100;

/** How far one is from the other, as the difference of the two as they are shown. */
export function gapOf(own: OwnTerms | null, percent: number, expected: number): string {
    if (own === null) {
        return `${String(Math.round(expected) - Math.round(percent))} points`;
    }

    const rounded = (value: number) => Math.round(value * 10 ** own.decimals) / 10 ** own.decimals;
    const gap = Math.abs(rounded(valueOf(own, expected)) - rounded(valueOf(own, percent)));

    return own.unit === '%' ? `${plain(gap, own.decimals)} percentage points` : withUnit(own, gap);
}

function withUnit(own: OwnTerms, value: number): string {
    const words = plain(value, own.decimals);

    switch (own.unit) {
        case null:
        case '':
            return words;
        case '€':
        case '$':
        case '£':
            return `${own.unit}${words}`;
        case '%':
            return `${words}%`;
        default:
            return `${words} ${own.unit}`;
    }
}

const plain = (value: number, decimals: number) =>
    value.toLocaleString('en-GB', { minimumFractionDigits: 0, maximumFractionDigits: decimals });
