import { createRouter, createWebHistory } from 'vue-router';
import HearthView from '../hearth/HearthView.vue';

// The home screen comes with the first load; every other view when it is needed.
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: { name: 'hearth' } },
    { path: '/hearth', name: 'hearth', component: HearthView },
    { path: '/stands/:standId/bench', name: 'bench', component: () => import('../bench/BenchView.vue') },
    {
      path: '/stands/:standId/put-back',
      name: 'putBack',
      component: () => import('../replanting/PutBackView.vue'),
    },
    { path: '/stands/:standId', name: 'stand', component: () => import('../stands/StandView.vue') },
    { path: '/stands/:standId/take', name: 'take', component: () => import('../visits/TakeView.vue') },
    {
      path: '/stands/:standId/identify',
      name: 'identifyStand',
      component: () => import('../identify/IdentifyView.vue'),
    },
    { path: '/identify', name: 'identify', component: () => import('../identify/IdentifyView.vue') },
    { path: '/stands/:standId/visit', name: 'visit', component: () => import('../visits/VisitView.vue') },
    { path: '/patches/new', name: 'newPatch', component: () => import('../patches/NewPatchView.vue') },
    { path: '/patches/:patchId', name: 'patch', component: () => import('../patches/PatchView.vue') },
    { path: '/walk', name: 'walk', component: () => import('../scouting/WalkView.vue') },
    { path: '/walk/:findId', name: 'find', component: () => import('../scouting/FindView.vue') },
    { path: '/patches/:patchId/later', name: 'prospects', component: () => import('../scouting/ProspectsView.vue') },
    { path: '/files', name: 'files', component: () => import('../places/FilesView.vue') },
    { path: '/year', name: 'year', component: () => import('../year/YearView.vue') },
    { path: '/wants', name: 'wants', component: () => import('../wants/WantsView.vue') },
    { path: '/proof', name: 'proof', component: () => import('../proof/ProofView.vue') },
    { path: '/ground', name: 'ground', component: () => import('../ground/GroundView.vue') },
    { path: '/plants', name: 'plants', component: () => import('../plants/PlantsView.vue') },
    { path: '/own-plants/new', name: 'newPlant', component: () => import('../plants/EditPlantView.vue') },
    { path: '/own-plants/file', name: 'readPlant', component: () => import('../plants/ReadPlantView.vue') },
    { path: '/plants/:plantKey', name: 'plant', component: () => import('../plants/PlantView.vue') },
    { path: '/plants/:plantKey/edit', name: 'editPlant', component: () => import('../plants/EditPlantView.vue') },
    { path: '/help', name: 'help', component: () => import('../help/HelpView.vue') },
    { path: '/weather', name: 'weather', component: () => import('../weather/WeatherView.vue') },
    { path: '/group', name: 'group', component: () => import('../people/GroupView.vue') },
    { path: '/activity', redirect: { name: 'group', query: { tab: 'activity' } } },
    {
      path: '/reset/:token',
      name: 'reset',
      component: () => import('../people/ResetView.vue'),
      meta: { open: true },
    },
    {
      path: '/invitation/:token',
      name: 'invitation',
      component: () => import('../people/InvitationView.vue'),
      meta: { open: true },
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./NowhereView.vue') },
  ],
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? false : { top: 0 }),
});
