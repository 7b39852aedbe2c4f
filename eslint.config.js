import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import { defineConfig } from 'eslint/config';
import ts from 'typescript-eslint';

export default defineConfig(
    { ignores: ['public', 'vendor', 'resources/js/generated', 'storage', 'test-results'] },
    {
        files: ['**/*.{ts,tsx}'],
        extends: [
            js.configs.recommended,
            ts.configs.strictTypeChecked,
            ts.configs.stylisticTypeChecked,
            hooks.configs.flat.recommended,
            a11y.flatConfigs.strict,
        ],
        languageOptions: { parserOptions: { projectService: true } },
        rules: {
            // A field that has just been opened is what one came for.
            'jsx-a11y/no-autofocus': 'off',
        },
    },
);
