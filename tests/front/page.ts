import type { Frame } from '../../resources/js/generated/props';
import { frame } from './made';

/** The page that is open: what every part of it knows of who looks, and on which day. */
export const page = {
    props: { frame: frame() as Frame | null, errors: {} },
    url: '/week',
    component: 'week/Week',
};
