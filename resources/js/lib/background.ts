import { router } from '@inertiajs/react';

/** Says that nobody pressed anything: such a request does not keep one signed in, and uses up no message. */
export const BACKGROUND = { 'X-Background': '1' };

/**
 * Asks the server anew for parts of the open page. Without a network, or where the server has none to show, they stay as they are:
 * somebody may be writing there.
 *
 * @returns once it is over, whether they came
 */
export function refresh(only: string[]): Promise<boolean> {
    return new Promise((resolve) => {
        let hasCome = false;
        router.reload({
            only,
            headers: BACKGROUND,
            showProgress: false,
            onSuccess: () => {
                hasCome = true;
            },
            onNetworkError: () => false,
            onHttpException: () => false,
            onFinish: () => {
                resolve(hasCome);
            },
        });
    });
}
