import vue from 'eslint-plugin-vue'
import typescript from 'typescript-eslint'

/** Type-aware rules stay with the compiler; these are about form and the purity of the core. */
export default typescript.config(
  { ignores: ['.nuxt/', '.output/', '.data/', '.site/', 'node_modules/', '*.tmp.ts'] },
  ...typescript.configs.strict,
  ...vue.configs['flat/essential'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: typescript.parser } },
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
    },
  },
  {
    rules: {
      'no-console': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_' }],
    },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'document',
        'window',
        'navigator',
        'process',
        'fetch',
        'localStorage',
        'setTimeout',
        'setInterval',
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
          message: 'The core is given the time.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core is given the time.',
        },
        {
          selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
          message: 'The core is given a seed.',
        },
        {
          selector: 'SwitchStatement > MemberExpression[property.name=/^(shape|part)$/]',
          message: 'Ask the registry.',
        },
      ],
    },
  },
)
