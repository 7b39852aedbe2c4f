import { Link } from '@inertiajs/react';
import { clsx } from 'clsx';
import type { DuePass } from '../../generated/props';

/** Which pass is due now: the first one stands out, what is not due is pale. */
export function DueNow({ passes }: { passes: DuePass[] }) {
    return (
        <section>
            <h2 className="mb-1 text-base">What is due</h2>
            <ul className="border-t border-rule">
                {passes.map((pass) => (
                    <li key={pass.kind} className={clsx('border-b border-hairline', !pass.isDue && 'max-lg:hidden')}>
                        <Link
                            href={pass.link}
                            className="group flex min-h-9 items-baseline justify-between gap-3 py-1.5 pointer-coarse:min-h-11"
                        >
                            <span className={clsx('min-w-0 group-hover:underline', pass.isDue ? 'font-semibold' : 'text-ink-2')}>
                                {pass.title}
                                {!pass.isDue && <span className="sr-only">, not due</span>}
                            </span>
                            <span className="max-w-1/2 flex-none text-right text-xs text-ink-2">{pass.detail}</span>
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    );
}
