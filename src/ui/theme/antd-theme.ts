import { theme, type ThemeConfig } from 'antd';

const FONT = "'Archivo Variable', Arial, sans-serif";

const DAY = {
  colorPrimary: '#1f6f6b',
  colorInfo: '#1f6f6b',
  colorSuccess: '#1f6f6b',
  colorWarning: '#9c7424',
  colorError: '#a6192e',
  colorLink: '#1b625e',
  colorTextBase: '#23272b',
  colorBgBase: '#fffdf8',
  colorBgLayout: '#f4f0e8',
  colorBorder: '#b9b0a0',
  colorBorderSecondary: '#d8d0c2',
  colorTextPlaceholder: '#5c6670',
  colorTextDescription: '#5c6873',
};

const SHED = {
  colorPrimary: '#2f938c',
  colorInfo: '#2f938c',
  colorSuccess: '#2f938c',
  colorWarning: '#d9b061',
  colorError: '#f07f8f',
  colorLink: '#69c4bc',
  colorTextBase: '#ece7dc',
  colorBgBase: '#24292e',
  colorBgContainer: '#2b3137',
  colorBgElevated: '#2e343a',
  colorBgLayout: '#1b1f23',
  colorBorder: '#59626a',
  colorBorderSecondary: '#3c434a',
  colorTextPlaceholder: '#98a2aa',
  colorTextDescription: '#a3adb5',
};

/** The look of Ant Design's parts: square shoulders, hairlines, no shadows but on what floats. */
export function antdTheme(look: 'day' | 'shed', isGloved: boolean, isStill: boolean): ThemeConfig {
  return {
    algorithm: look === 'shed' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      ...(look === 'shed' ? SHED : DAY),
      fontFamily: FONT,
      fontSize: isGloved ? 16 : 14,
      borderRadius: 4,
      borderRadiusLG: 4,
      borderRadiusSM: 3,
      controlHeight: isGloved ? 52 : 34,
      controlHeightSM: isGloved ? 46 : 26,
      wireframe: false,
      // Its parts move by script, which the style sheet's rule for reduced motion cannot stop.
      motion: !isStill,
      motionDurationMid: '0.12s',
      motionDurationSlow: '0.16s',
    },
    components: {
      Button: {
        primaryShadow: 'none',
        defaultShadow: 'none',
        dangerShadow: 'none',
        fontWeight: 600,
        defaultBorderColor: look === 'shed' ? '#a3adb5' : '#23272b',
      },
      Segmented: {
        trackPadding: 1,
        itemColor: look === 'shed' ? '#c3cacf' : '#4a525a',
        itemHoverColor: look === 'shed' ? '#ece7dc' : '#23272b',
        itemSelectedBg: look === 'shed' ? '#454d54' : '#fffdf8',
        trackBg: look === 'shed' ? '#14171a' : '#ebe5d9',
      },
      Modal: { titleFontSize: 18 },
    },
  };
}
