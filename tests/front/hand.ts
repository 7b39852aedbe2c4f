import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { createElement, type ReactNode, useEffect, useState } from 'react';
import { path, server } from './server';

/** What somebody does at a page, by the names that they see. */

export const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));

export const write = (label: string | RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });

/** A key, where the focus is. */
export const strike = (key: string, more = {}) => fireEvent.keyDown(document.activeElement ?? document.body, { key, ...more });

/** Writes into a field and leaves it: one that saves by itself does so then. */
export const writeAndLeave = async (label: string | RegExp, value: string) => {
    await userEvent.clear(screen.getByLabelText(label));
    await userEvent.type(screen.getByLabelText(label), value);
    await userEvent.tab();
};

/** Chooses out of a list. */
export const choose = async (label: string | RegExp, option: string | RegExp) => {
    await userEvent.click(screen.getByRole('combobox', { name: label }));
    await userEvent.click(await screen.findByRole('option', { name: option }));
};

/** What can be chosen there, in its order. */
export const choices = async (label: string | RegExp) => {
    await userEvent.click(screen.getByRole('combobox', { name: label }));
    const words = (await screen.findAllByRole('option')).map(({ textContent }) => textContent);
    await userEvent.keyboard('{Escape}');

    return words;
};

export const pick = async (menu: string | RegExp, item: string | RegExp) => {
    await press(menu);
    await userEvent.click(await screen.findByRole('menuitem', { name: item }));
};

/** The last change that was sent: how, where, what. */
export const said = async () => {
    const { method, url, data } = await server.last();

    return [method, path(url), data];
};

/**
 * Draws a part of a form with what stands in the form around it.
 *
 * @returns what stands in it now
 */
export function holding<T>(initial: T, part: (values: T, change: (values: T) => void) => ReactNode): () => T {
    let now = initial;
    const Form = () => {
        const [values, change] = useState(initial);
        useEffect(() => {
            now = values;
        }, [values]);

        return part(values, change);
    };
    render(createElement(Form));

    return () => now;
}
