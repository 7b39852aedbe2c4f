import { createInertiaApp } from '@inertiajs/react';
import type { ComponentType, ReactNode } from 'react';
import { createRoot } from 'react-dom/client';
import { Frame } from './parts/Frame';
import '../css/app.css';

interface PageModule {
    default: ComponentType & { layout?: (page: ReactNode) => ReactNode };
}

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
    progress: { color: 'var(--chalk)', delay: 200 },
});
