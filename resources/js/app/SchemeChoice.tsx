import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useState } from 'react';
import { Press } from '@/shared/ui';
import { chooseScheme, keptScheme, SCHEMES, type Scheme } from './scheme';

const NAMES: Readonly<Record<Scheme, string>> = { system: 'as the system', day: 'light', night: 'dark' };

/** Light or dark, at the foot of the spine. */
export function SchemeChoice() {
  const [scheme, setScheme] = useState(keptScheme);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  return (
    <>
      <Press
        aria-haspopup="menu"
        aria-expanded={anchor !== null}
        title={`Screen: ${NAMES[scheme]}`}
        onClick={(event) => {
          setAnchor(event.currentTarget);
        }}
      >
        <svg
          width="20"
          height="20"
          viewBox="0 0 20 20"
          fill="none"
          stroke="currentColor"
          strokeWidth="1.7"
          aria-hidden="true"
        >
          <circle cx="10" cy="10" r="7" />
          <path d="M10 3a7 7 0 0 1 0 14z" fill="currentColor" />
        </svg>
        Screen
      </Press>
      <Menu
        anchorEl={anchor}
        open={anchor !== null}
        onClose={() => {
          setAnchor(null);
        }}
      >
        {SCHEMES.map((each) => (
          <MenuItem
            key={each}
            selected={each === scheme}
            onClick={() => {
              chooseScheme(each);
              setScheme(each);
              setAnchor(null);
            }}
          >
            {NAMES[each]}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
