import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useCustomers, type Customers } from '@/shared/api';
import ui from '@/shared/ui/ui.module.css';

type Customer = Customers['customers'][number];
type Props = {
  id: string;
  name: string;
  fault?: string | undefined;
  onName: (name: string) => void;
  onFound: (customer: Customer) => void;
};

/** Who ordered: a new name, or somebody known, who is found by some letters with address and all. */
export function CustomerField({ id, name, fault, onName, onFound }: Props) {
  const found = useCustomers(name);
  return (
    <div className={ui['field']}>
      <label htmlFor={id}>customer</label>
      <Autocomplete
        id={id}
        freeSolo
        size="small"
        options={name.trim().length > 1 ? (found.data?.customers ?? []) : []}
        filterOptions={(all) => all}
        getOptionLabel={(each) => (typeof each === 'string' ? each : each.name)}
        getOptionKey={(each) => (typeof each === 'string' ? each : each.id)}
        inputValue={name}
        onInputChange={(_, typed, why) => {
          if (why !== 'reset') onName(typed);
        }}
        onChange={(_, chosen) => {
          if (chosen !== null && typeof chosen !== 'string') onFound(chosen);
        }}
        renderOption={({ key, ...props }, each) => (
          <li key={key} {...props}>
            <span>
              {each.name}
              <br />
              <small>
                {each.email === '' ? 'no mail address' : each.email}, {each.orders}{' '}
                {each.orders === 1 ? 'order' : 'orders'}
              </small>
            </span>
          </li>
        )}
        renderInput={(params) => (
          <TextField {...params} required hiddenLabel error={fault !== undefined} helperText={fault ?? ''} />
        )}
      />
    </div>
  );
}
