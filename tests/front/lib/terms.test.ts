import { describe, expect, it } from 'vitest';
import type { OwnTerms } from '../../../resources/js/generated/props';
import { gapOf, termsOf } from '../../../resources/js/lib/terms';

const own = (more: Partial<OwnTerms> = {}): OwnTerms => ({ start: 0, target: 40, unit: 'harbours', decimals: 0, ...more });

describe('a share in the terms of its measure', () => {
    it('is so many of its unit', () => {
        expect(termsOf(own(), 70)).toBe('28 harbours');
        expect(termsOf(own({ unit: null }), 70)).toBe('28');
        expect(termsOf(own({ start: 42000, target: 75000, unit: '€' }), 50)).toBe('€58,500');
        expect(termsOf(own({ start: 7.5, target: 3, unit: '%', decimals: 1 }), 80)).toBe('3.9%');
    });

    it('is per cent where it is a share itself', () => {
        expect(termsOf(null, 62.4)).toBe('62%');
        expect(termsOf(null, 62.4, 1)).toBe('62.4%');
    });
});

describe('the gap between two of them', () => {
    it('is the difference of the two as they are shown', () => {
        expect(gapOf(own(), 53.6, 57.4)).toBe('2 harbours');
        expect(gapOf(own({ start: 42000, target: 75000, unit: '€' }), 40, 50)).toBe('€3,300');
    });

    it('calls what is a share of shares percentage points', () => {
        expect(gapOf(own({ start: 7.5, target: 3, unit: '%', decimals: 1 }), 50, 60)).toBe('0.5 percentage points');
    });

    it('is in points where the measure is a share itself', () => {
        expect(gapOf(null, 58, 74)).toBe('16 points');
    });
});
