import ngrx from '@ngrx/eslint-plugin/v9';
import angular from 'angular-eslint';
import tseslint from 'typescript-eslint';

/** Attributes nobody reads or hears. */
const IN_NO_LANGUAGE = [
  ...[
    'accept',
    'capture',
    'd',
    'dominant-baseline',
    'download',
    'inputmode',
    'maxlength',
    'rel',
    'scope',
    'spellcheck',
  ],
  ...[
    'ariaCurrentWhenActive',
    'routerLinkActive',
    'aria-controls',
    'aria-expanded',
    'aria-hidden',
    'aria-labelledby',
    'aria-live',
    'aria-orientation',
    'loading',
  ],
  ...['patternTransform', 'patternUnits', 'preserveAspectRatio', 'stroke-linejoin', 'transform', 'vector-effect'],
  ...['class', 'colspan', 'dx', 'fill', 'font-size', 'font-weight', 'for', 'formControlName', 'height', 'id', 'list'],
  ...[
    'paint-order',
    'path',
    'r',
    'role',
    'kind',
    'measures',
    'rx',
    'select',
    'stroke',
    'stroke-dasharray',
    'stroke-width',
  ],
  ...['tabindex', 'target', 'text-anchor', 'type', 'value', 'viewBox', 'what', 'which', 'width', 'fallback', 'beside'],
  ...[
    'autocomplete',
    'routerLink',
    'data-device',
    'data-laser',
    'data-path',
    'data-table',
    'data-testid',
    'max',
    'min',
  ],
  ...['step', 'x', 'x1', 'x2', 'cdkDragLockAxis'],
];

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', '**/.angular/**', '**/.together/**', '.zabble/**'] },
  {
    files: ['**/*.ts'],
    extends: [...tseslint.configs.strict, ...tseslint.configs.stylistic],
    rules: {
      complexity: ['error', 12],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'max-lines-per-function': ['error', { max: 45, skipBlankLines: true, skipComments: true }],
      'no-console': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-extraneous-class': 'off',
      '@typescript-eslint/unified-signatures': 'off',
    },
  },
  {
    files: ['**/*.spec.ts', '**/*.spec-data.ts', 'e2e/**/*.ts'],
    rules: { 'max-lines-per-function': 'off', complexity: 'off', '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    files: ['apps/web/**/*.ts'],
    extends: [
      ...angular.configs.tsRecommended,
      ...ngrx.configs.store,
      ...ngrx.configs.effects,
      ...ngrx.configs.operators,
      ...ngrx.configs.signals,
    ],
    processor: angular.processInlineTemplates,
    rules: {
      'no-console': ['error', { allow: ['error'] }],
      '@angular-eslint/component-selector': [
        'error',
        [
          { type: 'element', prefix: 'z', style: 'kebab-case' },
          // Parts of a drawing are attributes: SVG keeps only its own elements.
          { type: 'attribute', prefix: 'z', style: 'camelCase' },
        ],
      ],
      '@angular-eslint/prefer-on-push-component-change-detection': 'error',
    },
  },
  {
    files: ['apps/web/**/*.html'],
    ignores: ['apps/web/src/index.html'],
    extends: [...angular.configs.templateRecommended, ...angular.configs.templateAccessibility],
    rules: {
      // Every caption can be said in another language.
      '@angular-eslint/template/i18n': [
        'error',
        {
          checkId: false,
          checkDuplicateId: false,
          boundTextAllowedPattern: '^[^a-zA-Z]*$',
          ignoreTags: ['code', 'kbd'],
          ignoreAttributes: IN_NO_LANGUAGE,
        },
      ],
    },
  },
);
