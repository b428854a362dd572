import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// Each folder with the others that it may import from; nobody but main.tsx and the views knows the views.
const rooms = {
  api: [],
  controls: [],
  painter: ['api'],
  document: ['api'],
  sound: ['api', 'document'],
  moves: ['api', 'document', 'painter'],
  history: ['api', 'document', 'painter'],
  exports: ['api', 'document', 'painter'],
  picture: ['api', 'document', 'painter', 'sound'],
  voice: ['api', 'captions', 'document', 'painter', 'sound'],
  captions: ['api', 'controls', 'document', 'page'],
  barsheet: ['api', 'controls', 'document', 'sound'],
  fields: ['api', 'controls', 'document', 'picture'],
  page: ['api', 'controls', 'document', 'fields', 'moves'],
  templates: ['api', 'document', 'painter'],
  versions: ['api', 'controls', 'document', 'fields', 'painter', 'picture'],
};
const names = [...Object.keys(rooms), 'views'];
const arrows = Object.entries(rooms).map(([room, known]) => ({
  files: [`src/${room}/**`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: names
          .filter((name) => name !== room && !known.includes(name))
          .map((name) => ({ group: [`../${name}/*`], message: `${room} may not know ${name}.` })),
      },
    ],
  },
}));

export default tseslint.config(
  { ignores: ['dist', 'src/api/generated.ts'] },
  ...tseslint.configs.recommended,
  a11y.flatConfigs.recommended,
  {
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      // A field that a user has just asked for takes the caret; that is what it was asked for.
      'jsx-a11y/no-autofocus': 'off',
      // A box around controls may listen to what bubbles up from them: Escape in a drawer, arrows in a list.
      'jsx-a11y/no-static-element-interactions': ['error', { handlers: ['onClick'] }],
      'jsx-a11y/no-noninteractive-element-interactions': ['error', { handlers: ['onClick'] }],
      // A separator that can be moved, and a block of the page whose keys lead to its parts.
      'jsx-a11y/no-noninteractive-tabindex': ['error', { roles: ['separator'], tags: ['article'] }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  ...arrows,
);
