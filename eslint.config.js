import vue from 'eslint-plugin-vue';
import tseslint from 'typescript-eslint';

export default tseslint.config(
    { ignores: ['resources/js/api/*.gen.ts'] },
    ...tseslint.configs.recommended,
    ...vue.configs['flat/essential'],
    {
        files: ['resources/js/**/*.{ts,vue}'],
        languageOptions: { parserOptions: { parser: tseslint.parser } },
        rules: { '@typescript-eslint/no-explicit-any': 'error', 'vue/multi-word-component-names': 'off' },
    },
);
