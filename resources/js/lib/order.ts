/** An order with one of it so many places further down, or up where that is below zero. */
export function movedBy<T>(order: readonly T[], one: T, by: number): T[] {
    const at = order.indexOf(one) + by;
    const others = order.filter((each) => each !== one);

    return [...others.slice(0, at), one, ...others.slice(at)];
}
