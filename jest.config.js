const esm =
  'temporal-|ical\\.js|lucide-react-native|@dnd-kit|@react-native-async-storage|fast-check|pure-rand|zod|@leeoniya';

const names = {
  '^@/(.*)$': '<rootDir>/$1',
  '^chrono-node/en$': '<rootDir>/node_modules/chrono-node/dist/cjs/locales/en/index.js',
};

module.exports = {
  projects: [
    {
      displayName: 'core',
      testEnvironment: 'node',
      testMatch: ['<rootDir>/{actions,board,core,demo,features,panels,server,state,workers,ui}/**/*.test.ts'],
      transform: {
        '\\.m?[jt]sx?$': [
          'babel-jest',
          {
            configFile: false,
            presets: ['@babel/preset-typescript'],
            plugins: ['@babel/plugin-transform-modules-commonjs'],
          },
        ],
      },
      transformIgnorePatterns: [`node_modules/(?!(${esm}))`],
      moduleNameMapper: names,
    },
    {
      displayName: 'app',
      preset: 'jest-expo/web',
      testMatch: ['<rootDir>/{board,features,panels,ui}/**/*.test.tsx'],
      transformIgnorePatterns: [`node_modules/(?!(${esm}|expo|@expo|react-native|nativewind))`],
      moduleNameMapper: names,
    },
  ],
};
