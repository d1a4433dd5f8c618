import type { ThemeConfig } from 'antd';
import { useSyncExternalStore } from 'react';

const NIGHT = window.matchMedia('(prefers-color-scheme: dark)');

/** The antd theme out of the tokens in tokens.css, which say every value once. */
function themeNow(): ThemeConfig {
    const tokens = getComputedStyle(document.documentElement);
    const value = (name: string) => tokens.getPropertyValue(name).trim();
    return {
        token: {
            colorPrimary: value('--petrol'),
            colorLink: value('--petrol'),
            colorInfo: value('--petrol'),
            colorWarning: value('--ochre'),
            colorError: value('--ochre-ink'),
            colorText: value('--ink'),
            colorTextHeading: value('--ink'),
            colorTextSecondary: value('--soft'),
            colorTextDescription: value('--soft'),
            colorTextPlaceholder: value('--hint'),
            colorTextLightSolid: value('--on-petrol'),
            colorTextDisabled: value('--hint'),
            colorBorder: value('--line'),
            colorBgBase: value('--field'),
            colorBgContainer: value('--field'),
            colorBgElevated: value('--field'),
            colorBgLayout: value('--card'),
            controlItemBgHover: value('--card'),
            controlItemBgActive: value('--petrol-wash'),
            fontFamily: value('--face'),
            fontSize: 14,
            borderRadius: 6,
            controlHeight: 34,
            motion: false,
            boxShadow: `0 6px 18px ${value('--shade')}`,
            boxShadowSecondary: `0 6px 18px ${value('--shade')}`,
        },
        components: {
            Message: { contentBg: value('--ink'), contentPadding: '5px 14px' },
            Button: {
                fontWeight: 700,
                primaryShadow: 'none',
                defaultShadow: 'none',
                primaryColor: value('--on-petrol'),
                defaultBg: value('--field'),
                defaultColor: value('--ink'),
            },
        },
    };
}

let made: ThemeConfig | null = null;

/** The theme of the hour; it changes with the desk. */
export function useTheme(): ThemeConfig {
    return useSyncExternalStore(
        (tell) => {
            const change = () => {
                made = null;
                tell();
            };
            NIGHT.addEventListener('change', change);
            return () => NIGHT.removeEventListener('change', change);
        },
        () => (made ??= themeNow()),
    );
}
