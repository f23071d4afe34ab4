import js from '@eslint/js';
import globals from 'globals';

export default [
    js.configs.recommended,
    {
        files: ['resources/js/**/*.js'],
        languageOptions: { globals: globals.browser },
        rules: { eqeqeq: 'error', 'no-var': 'error', 'prefer-const': 'error', 'no-implicit-globals': 'error' },
    },
    { files: ['*.config.js'], languageOptions: { globals: globals.node } },
];
