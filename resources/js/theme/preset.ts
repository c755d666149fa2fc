import { definePreset } from '@primeuix/themes';
import Aura from '@primeuix/themes/aura';

/** Our colours and shapes for PrimeVue: paper, ink and spruce; small radii; 12 to 13 px. */
export const preset = definePreset(Aura, {
    primitive: { borderRadius: { none: '0', xs: '2px', sm: '3px', md: '4px', lg: '5px', xl: '6px' } },
    semantic: {
        primary: {
            50: '#eef6f2',
            100: '#dcebe4',
            200: '#b5d5c8',
            300: '#86b8a6',
            400: '#4e9480',
            500: '#17614f',
            600: '#145646',
            700: '#11493c',
            800: '#0e3b30',
            900: '#0a2c24',
            950: '#071d18',
        },
        focusRing: { width: '2px', style: 'solid', color: '#17614f', offset: '1px' },
        colorScheme: {
            light: {
                surface: {
                    0: '#fffefb',
                    50: '#fbf9f3',
                    100: '#f4f1e8',
                    200: '#e6e2d6',
                    300: '#d3cdbd',
                    400: '#b9b29f',
                    500: '#7d857c',
                    600: '#55635e',
                    700: '#3d4e48',
                    800: '#2b3b37',
                    900: '#20302d',
                    950: '#141f1d',
                },
                text: { color: '#20302d', hoverColor: '#20302d', mutedColor: '#55635e', hoverMutedColor: '#3d4e48' },
                formField: {
                    background: '#fffefb',
                    borderColor: '#d3cdbd',
                    hoverBorderColor: '#b9b29f',
                    focusBorderColor: '#17614f',
                    color: '#20302d',
                    placeholderColor: '#55635e',
                    paddingX: '8px',
                    paddingY: '4px',
                },
            },
        },
    },
    components: {
        datatable: {
            headerCell: { padding: '6px 8px', background: 'transparent' },
            bodyCell: { padding: '6px 8px' },
            row: { background: 'transparent' },
        },
        menu: { item: { padding: '6px 10px' } },
        contextmenu: { item: { padding: '6px 10px' } },
        tooltip: { root: { background: '#20302d', color: '#f4f1e8', padding: '5px 8px', maxWidth: '260px' } },
        dialog: { title: { fontSize: '17px', fontWeight: '700' } },
    },
});
