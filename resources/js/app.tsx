import { createInertiaApp, router } from '@inertiajs/react';
import type { ComponentType, ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { Frame } from './parts/Frame';
import { isSignedOut, sentenceOf } from './lib/sentence';
import { tellProblem, tellSignedOut } from './parts/Notices';
import '../css/app.css';

interface PageModule {
    default: ComponentType & { layout?: (page: ReactNode) => ReactNode };
}

// A change that was not made is told where one is: the page stays, and what was typed on it.
router.on('httpException', (event) => {
    const { response } = event.detail;

    if (!('x-inertia' in response.headers)) {
        event.preventDefault();
        (isSignedOut(response) ? tellSignedOut : tellProblem)(sentenceOf(response));
    }
});

const pages = import.meta.glob<PageModule>('./pages/**/*.tsx');

void createInertiaApp({
    title: (title) => (title === '' ? 'Loftrin' : `${title} · Loftrin`),
    resolve: async (name) => {
        const load = pages[`./pages/${name}.tsx`];

        if (load === undefined) {
            throw new Error(`There is no page ${name}.`);
        }

        const page = await load();
        page.default.layout ??= (content) => <Frame>{content}</Frame>;

        return page.default;
    },
    setup: ({ el, App, props }) => {
        createRoot(el).render(<App {...props} />);
    },
    progress: { color: 'var(--ink)', delay: 200 },
});
