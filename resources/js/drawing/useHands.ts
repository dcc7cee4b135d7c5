import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type {
    Assignment,
    CallDocument,
    LookDocument,
    Stage,
    StageDefender,
    StageMan,
    StageRoute,
    XY,
} from '../api/types';
import { endDrag, startDrag, useBoard, withAssignment, withSpot, type Receivers } from '../model/callStore';
import { changing } from '../model/lookStore';
import type { Scale } from './scale';
import { snapped } from './snap';

type Kind = 'man' | 'break' | 'defender';

/** What is under the finger and where, before the proof has followed; yards. */
export type Held = XY & { kind: Kind; man: string };

type Props = {
    stage: Stage;
    document: CallDocument;
    look: LookDocument;
    scale: Scale;
    playing: boolean;
    /** Whether a drag from a man draws his route. */
    drawing: boolean;
    /** Receivers by side when what one man gets goes to the man across the ball too. */
    receivers: Receivers | undefined;
    onChoose: (man: string | null) => void;
    onLook: (look: LookDocument) => void;
    onDrawn: (man: string, points: XY[]) => void;
};

const half = (yd: number) => Math.round(yd * 2) / 2;
const quarter = (yd: number) => Math.round(yd * 4) / 4;

/** What the mouse and the arrow keys do on the field: men, breaks and defenders moved, routes drawn. */
export function useHands({
    stage,
    document,
    look,
    scale,
    playing,
    drawing,
    receivers,
    onChoose,
    onLook,
    onDrawn,
}: Props) {
    const svg = useRef<SVGSVGElement>(null);
    const [drag, setDrag] = useState<{ kind: Kind; man: string; dx: number; dy: number } | null>(null);
    const [held, setHeld] = useState<Held | null>(null);
    const [place, setPlace] = useState<{ man: string; name: string } | null>(null);
    const [path, setPath] = useState<{ man: string; points: XY[] } | null>(null);
    const draw = useBoard((s) => s.draw);

    const yards = (e: PointerEvent): [number, number] => {
        const box = svg.current!.getBoundingClientRect();
        const k = Math.max(scale.width / box.width, scale.height / box.height);
        return scale.toYd(
            (e.clientX - box.left - (box.width - scale.width / k) / 2) * k,
            (e.clientY - box.top - (box.height - scale.height / k) / 2) * k,
        );
    };
    const grab = (kind: Kind, man: string, xYd: number, yYd: number) => (e: PointerEvent) => {
        if (playing) return;
        e.preventDefault();
        (e.currentTarget as Element).setPointerCapture(e.pointerId);
        const [x, y] = yards(e);
        onChoose(man);
        if (drawing && kind === 'man') return setPath({ man, points: [] });
        if (kind !== 'defender') startDrag();
        setDrag({ kind, man, dx: xYd - x, dy: yYd - y });
    };
    const move = (e: PointerEvent) => {
        if (path) {
            const [xYd, yYd] = yards(e);
            const last = path.points.at(-1);
            if (!last || Math.hypot(xYd - last.xYd, yYd - last.yYd) > 0.4)
                setPath({ ...path, points: [...path.points, { xYd, yYd }] });
            return;
        }
        if (!drag) return;
        const [x, y] = yards(e);
        const now = useBoard.getState().document;
        if (!now) return;
        if (drag.kind === 'man') {
            const spot = snapped(stage, drag.man, ...legalSpot(stage, x + drag.dx, y + drag.dy));
            setPlace(spot.name === '' ? null : { man: drag.man, name: spot.name });
            setHeld({ kind: 'man', man: drag.man, xYd: spot.xYd, yYd: spot.yYd });
            draw(withSpot(now, drag.man as Assignment['man'], spot.xYd, spot.yYd));
        } else if (drag.kind === 'defender') {
            const spot = defenderSpot(stage, x + drag.dx, y + drag.dy);
            setHeld({ kind: 'defender', man: drag.man, ...spot });
            moveDefender(drag.man, x + drag.dx, y + drag.dy);
        } else {
            const route = stage.routes.find((r) => r.man === drag.man);
            if (route) {
                const depth = depthOf(route, y + drag.dy);
                setHeld({ kind: 'break', man: drag.man, xYd: route.break.xYd, yYd: depth });
                setDepth(drag.man, depth);
            }
        }
    };
    const drop = () => {
        if (path) {
            setPath(null);
            if (path.points.length > 2) onDrawn(path.man, path.points.slice(0, 400));
        }
        if (!drag) return;
        setDrag(null);
        setHeld(null);
        setPlace(null);
        if (drag.kind !== 'defender') endDrag();
    };
    const moveDefender = (role: string, x: number, y: number) =>
        onLook(changing(look, role, { spot: defenderSpot(stage, x, y) }));
    const nudgeDefender = (d: StageDefender) => (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[e.key];
        if (!step || playing) return;
        e.preventDefault();
        e.stopPropagation();
        moveDefender(d.role, d.xYd + step[0], d.yYd + step[1]);
    };
    const setDepth = (man: string, depth: number) => {
        const now = useBoard.getState().document;
        const route = stage.routes.find((r) => r.man === man);
        if (now && route) draw(withAssignment(now, man, { depthYd: depthOf(route, depth) }, receivers));
    };
    const nudge = (man: StageMan) => (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 0.5], ArrowDown: [0, -0.5] }[e.key];
        if (!step || man.lineman || playing) return;
        e.preventDefault();
        e.stopPropagation();
        // The drawing may be ahead of the proof: the next step starts from where he was just put.
        const now = useBoard.getState().document ?? document;
        const spot = now.spots?.find((one) => one.man === man.letter) ?? {
            xYd: man.startXYd,
            yYd: man.startYYd,
        };
        draw(
            withSpot(now, man.letter as Assignment['man'], ...legalSpot(stage, spot.xYd + step[0], spot.yYd + step[1])),
        );
    };
    const deepen = (route: StageRoute) => (e: KeyboardEvent) => {
        const step = { ArrowUp: 0.5, ArrowDown: -0.5 }[e.key];
        if (!step || playing) return;
        e.preventDefault();
        e.stopPropagation();
        const now =
            useBoard.getState().document?.assignments.find((a) => a.man === route.man)?.depthYd ?? route.depthYd;
        setDepth(route.man, now + step);
    };

    return { svg, drag, held, place, path, grab, move, drop, nudge, nudgeDefender, deepen };
}

function defenderSpot(stage: Stage, x: number, y: number): XY {
    return {
        xYd: quarter(Math.max(stage.field.left + 1, Math.min(stage.field.right - 1, x))),
        yYd: quarter(Math.max(0.75, Math.min(22, y))),
    };
}

/** The depth a break may have, to half a yard. */
function depthOf(route: StageRoute, depth: number): number {
    return Math.max(route.minYd, Math.min(route.maxYd, half(depth)));
}

function legalSpot(stage: Stage, x: number, y: number): [number, number] {
    return [
        quarter(Math.max(stage.field.left + 1, Math.min(stage.field.right - 1, x))),
        quarter(Math.max(-8, Math.min(-0.5, y))),
    ];
}
