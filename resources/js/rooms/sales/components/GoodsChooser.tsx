import Autocomplete from '@mui/material/Autocomplete';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { FIRST, useArticles, type Article } from '@/shared/api';
import { money } from '@/shared/format';

type Props = { id: string; article: Article | null; missing: boolean; onChoose: (article: Article | null) => void };

/** Picks what is made of parts and counted, by typing some of its name. */
export function GoodsChooser({ id, article, missing, onChoose }: Props) {
  const [text, setText] = useState('');
  const articles = useArticles({ ...FIRST, rows: 100, search: text === article?.name ? '' : text });
  return (
    <>
      <label htmlFor={id}>article</label>
      <Autocomplete
        id={id}
        size="small"
        options={(articles.data?.articles ?? []).filter((each) => each.form !== 'kit' && each.form !== 'class')}
        getOptionLabel={(each) =>
          each.unitPrice === null ? each.name : `${each.name}, ${money(each.unitPrice, each.currency ?? '')}`
        }
        getOptionKey={(each) => each.id}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        filterOptions={(all) => all}
        value={article}
        onChange={(_, chosen) => {
          onChoose(chosen);
        }}
        onInputChange={(_, typed) => {
          setText(typed);
        }}
        noOptionsText="No article with these letters; it is made in Stock"
        renderInput={(params) => (
          <TextField
            {...params}
            required
            hiddenLabel
            error={missing}
            helperText={missing ? 'Choose the article.' : ''}
          />
        )}
      />
    </>
  );
}
