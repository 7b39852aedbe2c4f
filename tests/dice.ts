/** The same row of numbers for the same seed, from 0 up to 1. */
export function dice(seed: number): () => number {
    let state = seed;

    return () => {
        state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;

        return state / 2_147_483_648;
    };
}
