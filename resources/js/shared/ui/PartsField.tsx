import Autocomplete, { type AutocompleteRenderInputParams } from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { listed, words } from '@/shared/format';

type Props = {
  label: string;
  /** designators, or whatever can be named here */ names: readonly string[];
  /** what to show for a name that says nothing itself */ called?: Readonly<Record<string, string>>;
  value: string;
  several?: boolean;
  /** what is named may hold blanks: several stand apart by commas */ commas?: boolean;
  /** to be read only */ fixed?: boolean;
  onFocus?: () => void;
  onChange: (value: string) => void;
};

/** The field has no label of its own: its column or row names it. */
function named({ slotProps }: AutocompleteRenderInputParams, label: string) {
  return { ...slotProps, htmlInput: { ...slotProps.htmlInput, 'aria-label': label } };
}

/** Names one part, or several apart by blanks; they are offered while their first letters are typed, and a free word is taken too. */
export function PartsField({
  label,
  names,
  called = {},
  value,
  several = false,
  commas = false,
  fixed = false,
  onFocus,
  onChange,
}: Props) {
  const split = commas ? listed : words;
  const shown = (name: string) => called[name] ?? name;
  // What is shown may be typed or kept as text: it is turned back into the name.
  const meant = (text: string) => names.find((name) => shown(name) === text) ?? text;
  const common = {
    freeSolo: true,
    autoSelect: true,
    size: 'small',
    fullWidth: true,
    readOnly: fixed,
    options: names,
    getOptionLabel: shown,
    onFocus,
  } as const;
  return several ? (
    <Autocomplete
      {...common}
      multiple
      filterSelectedOptions
      value={split(value)}
      onChange={(_, chosen) => {
        onChange([...new Set(chosen.map(meant).flatMap(split))].join(commas ? ', ' : ' '));
      }}
      renderInput={(params) => <TextField {...params} hiddenLabel slotProps={named(params, label)} />}
    />
  ) : (
    <Autocomplete
      {...common}
      value={value === '' ? null : value}
      onChange={(_, chosen) => {
        onChange(meant(chosen ?? '').trim());
      }}
      renderInput={(params) => <TextField {...params} hiddenLabel slotProps={named(params, label)} />}
    />
  );
}
