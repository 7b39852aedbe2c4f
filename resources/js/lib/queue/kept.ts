import { setting } from '../kept/setting';
import { drop, keysOf, load, save } from '../kept/storage';
import type { Change } from './change';

/** After so long what another tab made and did not send is taken up here, in milliseconds. */
export const LEFT = 15_000;

const ownTab = setting('page', 'page');

/** Names this tab through reloads, apart from others that the same person has open. */
export function tabName(): string {
    const name = ownTab.get() ?? crypto.randomUUID();
    ownTab.set(name);

    return name;
}

const place = (writer: number, key = '') => `change ${String(writer)} ${key}`;

/** Writes a change down. A browser that keeps nothing, or is full, sends it all the same while its page is there. */
export const keepChange = (writer: number, change: Change): void => void save(place(writer, change.key), change);

export const dropChange = (writer: number, key: string): void => {
    drop(place(writer, key));
};

/** What this tab wrote down and has not heard of, and what another one left behind. */
export function keptChanges(writer: number): Change[] {
    const tab = tabName();

    return keysOf(place(writer))
        .flatMap((key) => (load(key) as Change | null) ?? [])
        .filter((change) => change.tab === tab || Date.now() - change.turn > LEFT);
}
