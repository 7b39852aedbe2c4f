import type { ComponentProps } from 'react';
import { page } from './page';

/** What stands for the framework's own parts, where no page comes from a server. */

export const usePage = () => ({ props: page.props, url: page.url, component: page.component });

export const Head = () => null;

/** What only the framework understands of a link. */
const OWN = ['preserveScroll', 'preserveState', 'only', 'prefetch', 'as'];

export function Link({ children, ...rest }: ComponentProps<'a'> & Record<string, unknown>) {
    return <a {...Object.fromEntries(Object.entries(rest).filter(([name]) => !OWN.includes(name)))}>{children}</a>;
}
