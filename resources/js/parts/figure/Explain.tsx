import { createContext, lazy, type ReactNode, Suspense, useContext, useMemo, useState } from 'react';
import { useKeys } from '../../lib/keys';

const FigureDialog = lazy(() => import('./FigureDialog'));

const Context = createContext<(address: string) => void>(() => undefined);

/** Opens the explanation that is to be had at the address. */
export const useExplain = () => useContext(Context);

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
        <Context.Provider value={explain}>
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
        </Context.Provider>
    );
}
