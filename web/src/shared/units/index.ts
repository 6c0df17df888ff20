export * from './format';
export { PreferencesProvider, usePreferences, type Preferences } from './preferences';
