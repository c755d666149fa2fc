import { createRouter, createWebHistory } from 'vue-router';

export const router = createRouter({
    history: createWebHistory(),
    routes: [
        { path: '/', name: 'shelf', component: () => import('@/views/Shelf.vue') },
        { path: '/d/:document/:sheet', name: 'desk', component: () => import('@/views/Desk.vue') },
        { path: '/d/:document/:sheet/hand-over', name: 'hand-over', component: () => import('@/views/HandOver.vue') },
        {
            path: '/d/:document/:sheet/measured',
            name: 'measured',
            component: () => import('@/views/MeasuredSheet.vue'),
        },
        { path: '/d/:document/:sheet/compare', name: 'compare', component: () => import('@/views/Compare.vue') },
        { path: '/:rest(.*)', redirect: '/' },
    ],
});
