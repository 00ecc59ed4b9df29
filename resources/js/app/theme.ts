import { createTheme } from '@mui/material/styles';

const hair = '1px solid var(--rule)';
const field = { border: '1px solid var(--ink3)', borderRadius: 3, background: 'var(--white)', font: 'inherit' };

/** The tokens of tokens.css as a theme; the colours stand there alone, for both schemes, and this page names them. */
export const theme = createTheme({
  cssVariables: { nativeColor: true },
  palette: {
    primary: { main: 'var(--copper)', contrastText: 'var(--on-copper)' },
    background: { default: 'var(--paper)', paper: 'var(--white)' },
    text: { primary: 'var(--ink)', secondary: 'var(--ink2)', disabled: 'var(--ink2)' },
    divider: 'var(--rule)',
    error: { main: 'var(--crimson)' },
    warning: { main: 'var(--ochre)' },
    success: { main: 'var(--verdi)' },
  },
  typography: { fontFamily: 'Next, sans-serif', fontSize: 14, button: { textTransform: 'none' } },
  shape: { borderRadius: 3 },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { font: 'inherit', '&:focus-visible': { outline: '2px solid var(--copper)' } } },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, size: 'small' },
      styleOverrides: {
        root: {
          minWidth: 0,
          padding: '4px 11px',
          fontSize: 13,
          fontWeight: 550,
          lineHeight: 1.4,
          whiteSpace: 'nowrap',
          '&.Mui-disabled': { opacity: 0.45 },
          '& kbd': { marginLeft: 6 },
        },
        outlined: {
          borderColor: 'var(--ink)',
          color: 'var(--ink)',
          '&:hover': { background: 'var(--paper2)' },
          '&.Mui-disabled': { borderColor: 'var(--ink)', color: 'var(--ink)' },
          '&[data-on]': { background: 'var(--ink)', color: 'var(--paper)' },
        },
        contained: {
          '& kbd': { color: 'inherit', background: 'none', borderColor: 'currentColor' },
          '&.Mui-disabled': { background: 'var(--copper)', color: 'var(--on-copper)' },
        },
        text: { padding: '0 2px', fontWeight: 650, '&:hover': { background: 'none', textDecoration: 'underline' } },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          padding: '4px 10px',
          fontSize: 13,
          fontWeight: 400,
          lineHeight: 1.4,
          whiteSpace: 'nowrap',
          color: 'var(--ink)',
          borderColor: 'var(--rule)',
          '&.Mui-selected, &.Mui-selected:hover': { background: 'var(--ink)', color: 'var(--paper)' },
          '&.Mui-disabled': { color: 'var(--ink2)' },
          '&.Mui-selected.Mui-disabled': { background: 'var(--ink)', color: 'var(--paper)' },
        },
      },
    },
    MuiInputBase: {
      styleOverrides: {
        root: { ...field, fontSize: 13, color: 'var(--ink)', '&.Mui-disabled': { opacity: 0.6 } },
        input: {
          padding: '4px 8px',
          height: 'auto',
          font: 'inherit',
          '&.Mui-disabled': { WebkitTextFillColor: 'currentColor' },
        },
      },
    },
    MuiOutlinedInput: { styleOverrides: { root: { border: 0 }, input: { padding: '6px 8px' } } },
    MuiNativeSelect: {
      styleOverrides: { select: { '&:focus': { background: 'none' } }, icon: { color: 'var(--ink2)' } },
    },
    MuiTableCell: {
      styleOverrides: { root: { font: 'inherit', fontSize: 13, color: 'inherit', borderBottom: hair } },
    },
    MuiLinearProgress: {
      styleOverrides: {
        root: {
          display: 'inline-block',
          verticalAlign: 'middle',
          minWidth: 90,
          background: 'var(--paper2)',
          border: hair,
        },
      },
    },
    MuiTabs: {
      styleOverrides: { root: { minHeight: 0, flexShrink: 0 }, indicator: { height: 3, background: 'var(--copper)' } },
    },
    MuiTab: {
      styleOverrides: {
        root: {
          minHeight: 0,
          minWidth: 0,
          padding: '8px 9px',
          fontSize: 13,
          fontWeight: 550,
          letterSpacing: 0,
          color: 'var(--ink2)',
          '&.Mui-selected': { color: 'var(--ink)' },
        },
      },
    },
    MuiDialogTitle: { styleOverrides: { root: { fontSize: 17, fontWeight: 650, padding: '18px 24px 8px' } } },
    MuiDialogActions: { styleOverrides: { root: { padding: '8px 24px 18px' } } },
    MuiAlert: {
      styleOverrides: {
        root: { padding: '2px 12px', font: 'inherit', fontSize: 13, fontWeight: 600, color: 'var(--crimson)' },
        outlined: { borderColor: 'var(--crimson)', color: 'var(--crimson)' },
      },
    },
    MuiTooltip: {
      defaultProps: { enterDelay: 500, disableInteractive: true },
      styleOverrides: { tooltip: { fontSize: 12.5, background: 'var(--ink)', color: 'var(--paper)' } },
    },
    MuiSkeleton: { styleOverrides: { root: { background: 'var(--paper2)' } } },
    MuiSnackbar: { styleOverrides: { root: { position: 'static', transform: 'none' } } },
    MuiSnackbarContent: {
      styleOverrides: {
        root: { padding: 0, minWidth: 0, boxShadow: 'none', background: 'none', color: 'var(--verdi)', fontSize: 12.5 },
        message: { padding: 0 },
        action: { padding: '0 0 0 8px', margin: 0 },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { fontSize: 13, '&:focus-visible': { outlineOffset: -2 } } } },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
  },
});
