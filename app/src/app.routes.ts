import type { Routes } from '@angular/router';

/** One folder a screen, each loaded when it is first opened. */
export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'plan' },
  {
    path: 'plan',
    title: 'Plan · Dray',
    loadComponent: () => import('./plan/plan').then((m) => m.PlanScreen),
  },
  {
    path: 'board',
    title: 'Board · Dray',
    loadComponent: () => import('./board/board').then((m) => m.BoardScreen),
  },
  {
    path: 'card',
    title: 'Card · Dray',
    loadComponent: () => import('./card/card').then((m) => m.CardScreen),
  },
  {
    path: 'card/:participant',
    title: 'Card · Dray',
    loadComponent: () => import('./card/card').then((m) => m.CardScreen),
  },
  {
    path: 'log',
    title: 'Log · Dray',
    loadComponent: () => import('./log/log').then((m) => m.LogScreen),
  },
  {
    path: 'log/next',
    title: 'Next week · Dray',
    loadComponent: () => import('./log/next-week').then((m) => m.NextWeekScreen),
  },
  {
    path: 'log/history',
    title: 'History · Dray',
    loadComponent: () => import('./log/history').then((m) => m.HistoryScreen),
  },
  {
    path: 'log/history/:participant',
    title: 'History · Dray',
    loadComponent: () => import('./log/history').then((m) => m.HistoryScreen),
  },
  {
    path: 'program',
    title: 'Program · Dray',
    loadComponent: () => import('./program/program').then((m) => m.ProgramScreen),
  },
  {
    path: 'people',
    title: 'People · Dray',
    loadComponent: () => import('./people/people').then((m) => m.PeopleScreen),
  },
  {
    path: 'people/:participant',
    title: 'People · Dray',
    loadComponent: () => import('./people/people').then((m) => m.PeopleScreen),
  },
  {
    path: 'kit',
    title: 'Kit · Dray',
    loadComponent: () => import('./kit/kit').then((m) => m.KitScreen),
  },
  {
    path: 'ladders',
    title: 'Ladders · Dray',
    loadComponent: () => import('./ladders/ladders').then((m) => m.LaddersScreen),
  },
  {
    path: 'settings',
    title: 'Settings · Dray',
    loadComponent: () => import('./settings/settings').then((m) => m.SettingsScreen),
  },
  { path: '**', redirectTo: 'plan' },
];
