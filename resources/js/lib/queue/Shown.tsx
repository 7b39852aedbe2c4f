import type { ComponentType } from 'react';
import { guessed, useChanges, useLanded } from './queue';

/** A page that shows at once what was pressed on it, and what the server says of it once that is known. */
export function shown(Page: ComponentType<{ page?: unknown }>): ComponentType<{ page?: unknown }> {
    return function Shown(props) {
        useChanges();
        useLanded();

        return <Page {...props} {...('page' in props && { page: guessed(props.page) })} />;
    };
}
