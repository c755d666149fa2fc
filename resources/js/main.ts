import '../css/tokens.css';
import '../css/base.css';
import App from '@/App.vue';
import { showTooltipsOnFocus } from '@/parts/tooltips';
import { router } from '@/router';
import { preset } from '@/theme/preset';
import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import Tooltip from 'primevue/tooltip';
import { createApp } from 'vue';

createApp(App)
    .use(createPinia())
    .use(router)
    .use(PrimeVue, { theme: { preset, options: { darkModeSelector: '.dark-desk', cssLayer: false } } })
    .use(ToastService)
    .directive('tooltip', Tooltip)
    .mount('#app');
showTooltipsOnFocus(document);
