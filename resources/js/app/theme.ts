import { createTheme } from '@mui/material/styles';

/** The tokens of tokens.css as a theme, for the parts of the interface that come from the component library. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'media' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#A4491B' },
        background: { default: '#F8F5EE', paper: '#FFFEFB' },
        text: { primary: '#1F282B', secondary: '#5A6467' },
        divider: '#DAD3C3',
      },
    },
    dark: {
      palette: {
        primary: { main: '#E0814F' },
        background: { default: '#181D1E', paper: '#232B2C' },
        text: { primary: '#ECE8DC', secondary: '#A9B0AE' },
        divider: '#384042',
      },
    },
  },
  typography: { fontFamily: 'Next, sans-serif', fontSize: 14, button: { textTransform: 'none' } },
  shape: { borderRadius: 3 },
});
