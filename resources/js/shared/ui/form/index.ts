export { ChoiceField, LinesField, TextField } from './Field';
export { asTyped, like, maybe, needed, object, string, upTo } from './schema';
export { useKeptForm } from './useKeptForm';
