import type { ReactElement } from 'react';
import type { ExternalToast } from 'sonner';

type Notices = typeof import('sonner').toast;

let stand: (notices: Notices) => void = () => undefined;

/** What shows notices, once it stands: it comes after the page, and what is told before waits for it. */
const standing = new Promise<Notices>((resolve) => {
    stand = resolve;
});

/** Called by what shows them. */
export const showBy = (notices: Notices) => {
    stand(notices);
};

/** Shows a notice, made of its own id. */
export function put(notice: (id: string | number) => ReactElement, options: ExternalToast): void {
    void standing.then((notices) => notices.custom(notice, options));
}

/** Takes a notice away. */
export function dismiss(id: string | number): void {
    void standing.then((notices) => notices.dismiss(id));
}
