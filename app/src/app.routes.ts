import type { Routes } from '@angular/router';

/** One folder a screen, each loaded when it is first opened. */
export const routes: Routes = [
  { path: '', pathMatch: 'full', redirectTo: 'plan' },
  {
    path: 'plan',
    title: $localize`Plan · Dray`,
    loadComponent: () => import('./plan/plan').then((m) => m.PlanScreen),
  },
  {
    path: 'board',
    title: $localize`Board · Dray`,
    loadComponent: () => import('./board/board').then((m) => m.BoardScreen),
  },
  {
    path: 'card',
    title: $localize`Card · Dray`,
    loadComponent: () => import('./card/card').then((m) => m.CardScreen),
  },
  {
    path: 'card/:participant',
    title: $localize`Card · Dray`,
    loadComponent: () => import('./card/card').then((m) => m.CardScreen),
  },
  {
    path: 'floor',
    title: $localize`Floor · Dray`,
    loadComponent: () => import('./floor/floor').then((m) => m.FloorScreen),
  },
  {
    path: 'floor/wall',
    title: $localize`Wall · Dray`,
    loadComponent: () => import('./floor/wall').then((m) => m.WallScreen),
  },
  {
    path: 'log',
    title: $localize`Log · Dray`,
    loadComponent: () => import('./log/log').then((m) => m.LogScreen),
  },
  {
    path: 'log/next',
    title: $localize`Next week · Dray`,
    loadComponent: () => import('./log/next-week').then((m) => m.NextWeekScreen),
  },
  {
    path: 'log/history',
    title: $localize`History · Dray`,
    loadComponent: () => import('./log/history').then((m) => m.HistoryScreen),
  },
  {
    path: 'log/history/:participant',
    title: $localize`History · Dray`,
    loadComponent: () => import('./log/history').then((m) => m.HistoryScreen),
  },
  {
    path: 'program',
    title: $localize`Program · Dray`,
    loadComponent: () => import('./program/program').then((m) => m.ProgramScreen),
  },
  {
    path: 'people',
    title: $localize`People · Dray`,
    loadComponent: () => import('./people/people').then((m) => m.PeopleScreen),
  },
  {
    path: 'people/:participant',
    title: $localize`People · Dray`,
    loadComponent: () => import('./people/people').then((m) => m.PeopleScreen),
  },
  {
    path: 'kit',
    title: $localize`Kit · Dray`,
    loadComponent: () => import('./kit/kit').then((m) => m.KitScreen),
  },
  {
    path: 'ladders',
    title: $localize`Ladders · Dray`,
    loadComponent: () => import('./ladders/ladders').then((m) => m.LaddersScreen),
  },
  {
    path: 'settings',
    title: $localize`Settings · Dray`,
    loadComponent: () => import('./settings/settings').then((m) => m.SettingsScreen),
  },
  {
    path: 'begin',
    title: $localize`Begin · Dray`,
    loadComponent: () => import('./begin/begin').then((m) => m.BeginScreen),
  },
  { path: '**', redirectTo: 'plan' },
];
