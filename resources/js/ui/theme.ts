import type { ThemeConfig } from 'antd';

export const theme: ThemeConfig = {
    token: {
        colorPrimary: '#0f5257',
        colorLink: '#0f5257',
        colorInfo: '#0f5257',
        colorWarning: '#a86a12',
        colorError: '#8a3b12',
        colorText: '#23262b',
        colorTextSecondary: '#5f594d',
        colorTextPlaceholder: '#7b7466',
        colorBorder: '#d9d1c3',
        colorBgContainer: '#ffffff',
        colorBgLayout: '#faf7f1',
        fontFamily: "'Atkinson Hyperlegible', system-ui, sans-serif",
        fontSize: 14,
        borderRadius: 6,
        controlHeight: 34,
        motion: false,
        boxShadow: '0 6px 18px #00000022',
        boxShadowSecondary: '0 6px 18px #00000022',
    },
    components: {
        Button: { fontWeight: 700, primaryShadow: 'none', defaultShadow: 'none' },
        Select: { optionSelectedBg: '#dbe8e6' },
    },
};
