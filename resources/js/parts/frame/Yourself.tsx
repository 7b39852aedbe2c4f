import { router } from '@inertiajs/react';
import { useState } from 'react';
import type { Frame } from '../../generated/props';
import { route } from '../../lib/routes';
import { chooseTheme, currentTheme, type Theme } from '../../lib/theme';
import { Kbd } from '../../ui/Kbd';
import { Menu, MenuGroup, MenuItem, MenuRule } from '../../ui/Menu';

/** The menu of whoever is signed in: light or dark, the updates, what reaches them, the way out. */
export function Yourself({ frame, onKeys }: { frame: Frame; onKeys: () => void }) {
    const [theme, setTheme] = useState<Theme>(currentTheme);
    const choose = (chosen: Theme) => () => {
        chooseTheme(chosen);
        setTheme(chosen);
    };

    return (
        <Menu
            trigger={
                <button
                    type="button"
                    aria-label={`You, ${frame.me.name}`}
                    className="flex items-center justify-center pointer-coarse:-mr-2 pointer-coarse:size-11"
                >
                    <span className="border border-ink px-1.5 font-mono text-xs leading-[22px] text-ink">{frame.me.initials}</span>
                </button>
            }
        >
            <div className="px-3 py-1.5 text-sm">
                <div className="font-semibold">{frame.me.name}</div>
                <div className="text-xs text-ink-2">
                    {frame.role === 'lead' ? 'Lead' : 'Member'}, {frame.workspace}
                </div>
            </div>
            <MenuRule />
            <MenuGroup label="Appearance">
                <MenuItem onSelect={choose('system')}>System {theme === 'system' && '✓'}</MenuItem>
                <MenuItem onSelect={choose('light')}>Light {theme === 'light' && '✓'}</MenuItem>
                <MenuItem onSelect={choose('dark')}>Dark {theme === 'dark' && '✓'}</MenuItem>
            </MenuGroup>
            <MenuItem
                onSelect={() => {
                    router.visit(route('updates'));
                }}
            >
                Updates {frame.updates > 0 && <span className="font-mono text-xs">{frame.updates}</span>}
            </MenuItem>
            <MenuItem
                onSelect={() => {
                    router.visit(route('notifications'));
                }}
            >
                Notifications
            </MenuItem>
            <MenuItem
                onSelect={() => {
                    router.visit(route('account'));
                }}
            >
                Your account
            </MenuItem>
            <MenuItem onSelect={onKeys}>
                Keys <Kbd>?</Kbd>
            </MenuItem>
            <MenuRule />
            <MenuItem
                onSelect={() => {
                    router.post(route('sign-out'));
                }}
            >
                Sign out
            </MenuItem>
        </Menu>
    );
}
