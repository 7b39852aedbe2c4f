import { clsx } from 'clsx';
import { type ReactNode, useState } from 'react';

interface Props {
    facts: ReactNode;
    words: ReactNode;
    /** What is done with the review, at the foot of the right page. */
    children: ReactNode;
}

/** A spread: the facts on the left page, your words on the right. On a phone one at a time. */
export function Spread({ facts, words, children }: Props) {
    const [side, setSide] = useState<'facts' | 'words'>('facts');

    return (
        <>
            <div className="flex border-b border-hairline md:hidden">
                {(['facts', 'words'] as const).map((each) => (
                    <button
                        key={each}
                        type="button"
                        aria-pressed={side === each}
                        className={clsx('min-h-11 flex-1', side === each && 'border-b-3 border-ink font-semibold')}
                        onClick={() => {
                            setSide(each);
                        }}
                    >
                        {each === 'facts' ? 'What happened' : 'Your words'}
                    </button>
                ))}
            </div>
            <div className="grid flex-1 grid-cols-2 max-md:grid-cols-1">
                <div
                    className={clsx(
                        '@container min-w-0 border-r-4 border-double border-ink px-6 py-5 pr-9 max-md:border-0 max-md:px-4',
                        side !== 'facts' && 'max-md:hidden',
                    )}
                >
                    {facts}
                </div>
                <div className={clsx('flex min-w-0 flex-col px-9 py-5 pr-6 max-md:px-4', side !== 'words' && 'max-md:hidden')}>
                    {words}
                    <div className="sticky bottom-0 mt-auto flex flex-wrap justify-end gap-2.5 bg-sheet py-4 print:hidden">{children}</div>
                </div>
            </div>
        </>
    );
}
