import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';

type Props<Id extends string> = {
  label: string;
  views: readonly { id: Id; name: string }[];
  view: Id;
  onView: (view: Id) => void;
};

/** The views of a room, side by side. */
export function Views<Id extends string>({ label, views, view, onView }: Props<Id>) {
  return (
    <Tabs
      value={view}
      aria-label={label}
      variant="scrollable"
      scrollButtons={false}
      sx={{ minWidth: 0, maxWidth: '100%' }}
      onChange={(_, next: Id) => {
        onView(next);
      }}
    >
      {views.map(({ id, name }) => (
        <Tab key={id} value={id} label={name} disableRipple />
      ))}
    </Tabs>
  );
}
