import { lazy, type ReactNode, Suspense, useMemo, useState } from 'react';
import { ExplainContext } from '../../lib/explain';
import { useKeys } from '../../lib/keys';

const FigureDialog = lazy(() => import('./FigureDialog'));

/** Lets any figure within explain itself: by a click on its gauge, or `e` on whatever carries one. */
export function Explain({ children }: { children: ReactNode }) {
    const [address, setAddress] = useState<string | null>(null);
    const explain = useMemo(
        () => (to: string) => {
            setAddress(to);
        },
        [],
    );

    const explainFocused = () => {
        const carrier = document.activeElement?.closest<HTMLElement>('[data-why]') ?? null;
        const why = carrier?.dataset.why ?? document.querySelector<HTMLElement>('main [data-why]')?.dataset.why;

        if (why !== undefined) {
            setAddress(why);
        }
    };

    useKeys({ e: { words: 'How is this calculated? The focused figure, or the first one', run: explainFocused } });

    return (
        <ExplainContext value={explain}>
            {children}
            {address !== null && (
                <Suspense>
                    <FigureDialog
                        address={address}
                        onExplain={explain}
                        onClose={() => {
                            setAddress(null);
                        }}
                    />
                </Suspense>
            )}
        </ExplainContext>
    );
}
