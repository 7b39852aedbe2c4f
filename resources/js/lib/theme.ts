export type Theme = 'light' | 'dark' | 'system';

export function currentTheme(): Theme {
    const root = document.documentElement.classList;

    return root.contains('dark') ? 'dark' : root.contains('light') ? 'light' : 'system';
}

/** Chosen once, kept a year, known to the server so that the first paint is right. */
export function chooseTheme(theme: Theme): void {
    document.documentElement.classList.remove('light', 'dark');

    if (theme !== 'system') {
        document.documentElement.classList.add(theme);
    }

    document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
}
