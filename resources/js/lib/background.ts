import { router } from '@inertiajs/react';

/** Says that nobody pressed anything: such a request uses up no message that waits for the next screen. */
export const BACKGROUND = { 'X-Background': '1' };

/**
 * Asks the server anew for parts of the open page. Without a network, or where the server has none to show, they stay as they are:
 * somebody may be writing there.
 */
export function refresh(only: string[], onFinish?: () => void): void {
    router.reload({
        only,
        headers: BACKGROUND,
        showProgress: false,
        onNetworkError: () => false,
        onHttpException: () => false,
        ...(onFinish && { onFinish }),
    });
}

/** All of an open page that can change while one looks at it; what the last change had to say stays. */
export function refreshPage(onFinish?: () => void): void {
    refresh(['page', 'frame', 'stamp'], onFinish);
}
