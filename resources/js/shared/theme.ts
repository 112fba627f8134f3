import { createTheme } from '@mui/material/styles';

/** Enamel and ink: the component library is dressed to disappear. Colours are named in app.css as well. */
export const theme = createTheme({
  palette: {
    primary: { main: '#1b3a5e' },
    secondary: { main: '#b43f0e' },
    background: { default: '#e3ebe8', paper: '#fdfefc' },
    text: { primary: '#16222e', secondary: '#4c5a66' },
  },
  shape: { borderRadius: 10 },
  // wet hands are not helped by things that move
  transitions: { create: () => 'none', duration: { enteringScreen: 0, leavingScreen: 0 } },
  typography: {
    fontFamily: '"Atkinson Hyperlegible Next", sans-serif',
    fontSize: 14,
    button: { textTransform: 'none', fontWeight: 600 },
    h6: { fontFamily: '"Zilla Slab", serif', fontWeight: 600, fontSize: '1.35rem' },
  },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true },
      styleOverrides: { root: { minHeight: 44, borderWidth: 1.5, '&:hover': { borderWidth: 1.5 } } },
    },
    MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiDialog: {
      defaultProps: { transitionDuration: 0 },
      styleOverrides: { paper: { border: '2px solid #1b3a5e', borderRadius: 14 } },
    },
    MuiSnackbarContent: { styleOverrides: { root: { backgroundColor: '#16222e', borderRadius: 10 } } },
  },
});
