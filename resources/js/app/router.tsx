import {
    createRootRouteWithContext,
    createRoute,
    createRouter,
    lazyRouteComponent,
    redirect,
} from '@tanstack/react-router';
import { Shell } from './Shell';

const root = createRootRouteWithContext<{ staff: boolean }>()({ component: Shell });

const home = createRoute({
    getParentRoute: () => root,
    path: '/',
    beforeLoad: ({ context }) => {
        throw redirect({ to: context.staff ? '/board' : '/grades' });
    },
});

const board = createRoute({
    getParentRoute: () => root,
    path: '/board',
    validateSearch: (s: Record<string, unknown>): { call?: string; look?: string } => ({
        ...(typeof s.call === 'string' ? { call: s.call } : {}),
        ...(typeof s.look === 'string' ? { look: s.look } : {}),
    }),
    component: lazyRouteComponent(() => import('../board/Board'), 'Board'),
});

const series = createRoute({
    getParentRoute: () => root,
    path: '/series',
    validateSearch: (s: Record<string, unknown>): { call?: string; look?: string } => ({
        ...(typeof s.call === 'string' ? { call: s.call } : {}),
        ...(typeof s.look === 'string' ? { look: s.look } : {}),
    }),
    component: lazyRouteComponent(() => import('../series/SeriesBoard'), 'SeriesBoard'),
});

const sheet = createRoute({
    getParentRoute: () => root,
    path: '/sheet',
    component: lazyRouteComponent(() => import('../sheet/Sheet'), 'Sheet'),
});

const words = createRoute({
    getParentRoute: () => root,
    path: '/words',
    component: lazyRouteComponent(() => import('../words/SayIt'), 'SayIt'),
});

const book = createRoute({
    getParentRoute: () => root,
    path: '/book',
    component: lazyRouteComponent(() => import('../book/Book'), 'Book'),
});

const looks = createRoute({
    getParentRoute: () => root,
    path: '/looks',
    component: lazyRouteComponent(() => import('../look/Looks'), 'Looks'),
});

const scout = createRoute({
    getParentRoute: () => root,
    path: '/scout',
    validateSearch: (s: Record<string, unknown>): { opponent?: string } =>
        typeof s.opponent === 'string' ? { opponent: s.opponent } : {},
    component: lazyRouteComponent(() => import('../scout/Scout'), 'Scout'),
});

const roster = createRoute({
    getParentRoute: () => root,
    path: '/roster',
    component: lazyRouteComponent(() => import('../roster/Roster'), 'Roster'),
});

const practice = createRoute({
    getParentRoute: () => root,
    path: '/practice',
    validateSearch: (s: Record<string, unknown>): { practice?: string } =>
        typeof s.practice === 'string' ? { practice: s.practice } : {},
    component: lazyRouteComponent(() => import('../practice/Practices'), 'Practices'),
});

const drills = createRoute({
    getParentRoute: () => root,
    path: '/practice/drills',
    validateSearch: (s: Record<string, unknown>): { drill?: string } =>
        typeof s.drill === 'string' ? { drill: s.drill } : {},
    component: lazyRouteComponent(() => import('../drills/DrillCards'), 'DrillCards'),
});

const reps = createRoute({
    getParentRoute: () => root,
    path: '/reps',
    validateSearch: (s: Record<string, unknown>): { player?: string } =>
        typeof s.player === 'string' ? { player: s.player } : {},
    component: lazyRouteComponent(() => import('../reps/Reps'), 'Reps'),
});

const people = createRoute({
    getParentRoute: () => root,
    path: '/people',
    component: lazyRouteComponent(() => import('../people/People'), 'People'),
});

const film = createRoute({
    getParentRoute: () => root,
    path: '/film',
    validateSearch: (s: Record<string, unknown>): { reel?: string; snap?: string } => ({
        ...(typeof s.reel === 'string' ? { reel: s.reel } : {}),
        ...(typeof s.snap === 'string' ? { snap: s.snap } : {}),
    }),
    component: lazyRouteComponent(() => import('../film/FilmRoom'), 'FilmRoom'),
});

const breakdown = createRoute({
    getParentRoute: () => root,
    path: '/breakdown',
    validateSearch: (s: Record<string, unknown>): { reel?: string } =>
        typeof s.reel === 'string' ? { reel: s.reel } : {},
    component: lazyRouteComponent(() => import('../film/chart/BreakdownIn'), 'BreakdownIn'),
});

const numbers = createRoute({
    getParentRoute: () => root,
    path: '/numbers',
    validateSearch: (s: Record<string, unknown>): { cutup?: string } =>
        typeof s.cutup === 'string' ? { cutup: s.cutup } : {},
    component: lazyRouteComponent(() => import('../numbers/Numbers'), 'Numbers'),
});

const teach = createRoute({
    getParentRoute: () => root,
    path: '/teach',
    validateSearch: (s: Record<string, unknown>): { fault?: string } =>
        typeof s.fault === 'string' ? { fault: s.fault } : {},
    component: lazyRouteComponent(() => import('../grades/Teaching'), 'Teaching'),
});

const grades = createRoute({
    getParentRoute: () => root,
    path: '/grades',
    validateSearch: (s: Record<string, unknown>): { player?: string } =>
        typeof s.player === 'string' ? { player: s.player } : {},
    component: lazyRouteComponent(() => import('../grades/Grades'), 'Grades'),
});

export const router = createRouter({
    routeTree: root.addChildren([
        home,
        board,
        series,
        sheet,
        looks,
        scout,
        film,
        breakdown,
        numbers,
        teach,
        grades,
        practice,
        drills,
        reps,
        roster,
        people,
        words,
        book,
    ]),
    context: { staff: true },
    defaultNotFoundComponent: () => <p className="p-8">There is no such page. Choose a place on the left.</p>,
});

declare module '@tanstack/react-router' {
    interface Register {
        router: typeof router;
    }
}
