import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { FIRST, useShelf, type ShelfRow } from '@/shared/api';

type Props = {
  id: string;
  label: string;
  kit: ShelfRow | null;
  missing?: boolean;
  onChoose: (kit: ShelfRow | null) => void;
};

/** Picks a kit by typing some of its name, however many there are. */
export function KitChooser({ id, label, kit, missing = false, onChoose }: Props) {
  const [text, setText] = useState('');
  const shelf = useShelf({ ...FIRST, search: text === kit?.name ? '' : text });
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <Autocomplete
        id={id}
        size="small"
        options={shelf.data?.kits ?? []}
        getOptionLabel={(each) => each.name}
        getOptionKey={(each) => each.id}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        filterOptions={(all) => all}
        value={kit}
        onChange={(_, chosen) => {
          onChoose(chosen);
        }}
        onInputChange={(_, typed) => {
          setText(typed);
        }}
        noOptionsText="No kit with these letters"
        renderInput={(params) => (
          <TextField {...params} required hiddenLabel error={missing} helperText={missing ? 'Choose the kit.' : ''} />
        )}
      />
    </>
  );
}
