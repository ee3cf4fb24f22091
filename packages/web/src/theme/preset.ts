import { definePreset } from '@primeuix/themes';
import base from '@primeuix/themes/aura/base';
import button from '@primeuix/themes/aura/button';
import dialog from '@primeuix/themes/aura/dialog';
import inputtext from '@primeuix/themes/aura/inputtext';
import ripple from '@primeuix/themes/aura/ripple';
import selectbutton from '@primeuix/themes/aura/selectbutton';
import togglebutton from '@primeuix/themes/aura/togglebutton';
import toggleswitch from '@primeuix/themes/aura/toggleswitch';

const field = {
  50: '#EEF4EE',
  100: '#D9E6D8',
  200: '#B7CEB8',
  300: '#8DB093',
  400: '#5E8C6B',
  500: '#3D7250',
  600: '#28573A',
  700: '#1B402A',
  800: '#153321',
  900: '#0F2618',
  950: '#0A1A10',
};
const surface = {
  0: '#FBFCF9',
  50: '#F0F3ED',
  100: '#E2E8DE',
  200: '#D3DCD0',
  300: '#C4CEC1',
  400: '#9BA89A',
  500: '#758375',
  600: '#5C695E',
  700: '#465248',
  800: '#2B352E',
  900: '#18211B',
  950: '#0F1511',
};
const sunSurface = {
  ...surface,
  0: '#FFFFFF',
  50: '#FFFFFF',
  100: '#EDEDED',
  200: '#CCCCCC',
  300: '#000000',
  400: '#000000',
  500: '#000000',
  600: '#000000',
  700: '#000000',
  900: '#000000',
};

/** The parts that are used, and those that they are made of: all of them are 100 kB more to load. */
const components = {
  button,
  dialog,
  inputtext,
  ripple,
  selectbutton,
  togglebutton,
  toggleswitch,
};

/** Our own preset: one green, one rust, no shadows; the dark slot carries the sun scheme. */
export const furrowPreset = definePreset(
  { ...base, components },
  {
    primitive: { borderRadius: { md: '6px', lg: '8px' } },
    semantic: {
      primary: field,
      focusRing: {
        width: '3px',
        style: 'solid',
        color: '{primary.600}',
        offset: '2px',
        shadow: 'none',
      },
      overlay: {
        modal: { shadow: 'none' },
        popover: { shadow: 'none' },
        select: { shadow: 'none' },
      },
      colorScheme: {
        light: {
          surface,
          primary: {
            color: '{primary.600}',
            contrastColor: '#FFFFFF',
            hoverColor: '{primary.700}',
            activeColor: '{primary.700}',
          },
        },
        dark: {
          surface: sunSurface,
          primary: {
            color: '#0B3D1E',
            contrastColor: '#FFFFFF',
            hoverColor: '#072A14',
            activeColor: '#072A14',
          },
        },
      },
    },
  },
);
