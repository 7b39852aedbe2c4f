import { createInertiaApp, router } from '@inertiajs/react';
import type { ComponentType, ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { Frame } from './parts/frame/Frame';
import { shown } from './lib/queue/Shown';
import { isSignedOut, sentenceOf } from './lib/sentence';
import { tellProblem, tellSignedOut } from './parts/signs/Notices';
import '../css/app.css';

interface PageModule {
    default: ComponentType<{ page?: unknown }> & { layout?: (page: ReactNode) => ReactNode };
}

// A change that was not made is told where one is: the page stays, and what was typed on it.
router.on('httpException', (event) => {
    const { response } = event.detail;

    if (!('x-inertia' in response.headers)) {
        event.preventDefault();
        (isSignedOut(response) ? tellSignedOut : tellProblem)(sentenceOf(response));
    }
});

/** Each page once: another component would be another page, and begin anew. */
const drawn = new Map<PageModule['default'], PageModule['default']>();

function shownOf(Page: PageModule['default']): PageModule['default'] {
    const page = drawn.get(Page) ?? shown(Page);
    drawn.set(Page, page);

    return page;
}

const pages = import.meta.glob<PageModule>('./pages/**/*.tsx');

void createInertiaApp({
    title: (title) => (title === '' ? 'Loftrin' : `${title} · Loftrin`),
    resolve: async (name) => {
        const load = pages[`./pages/${name}.tsx`];

        if (load === undefined) {
            throw new Error(`There is no page ${name}.`);
        }

        const { default: Page } = await load();
        const layout = Page.layout ?? ((content: ReactNode) => <Frame>{content}</Frame>);

        return Object.assign(shownOf(Page), { layout });
    },
    setup: ({ el, App, props }) => {
        createRoot(el).render(<App {...props} />);
    },
    progress: { color: 'var(--ink)', delay: 200 },
});
