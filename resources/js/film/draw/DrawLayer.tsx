import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { DrawingKind } from '../../api/types';
import { inkOf } from '../../picture/drawn';
import { Stroke } from '../../picture/DrawnOver';
import { TOOLS } from './DrawBar';
import type { DrawingDesk } from './useDrawing';

type Point = [number, number];
type Props = { size: [number, number]; desk: DrawingDesk };

/** How flat a ring looks while it is drawn, height by width; the server lays the finished one on the grass. */
const FLAT = 0.45;

/** Dragged less than this is a click, and the next click ends the drawing; pixels of the picture. */
const CLICK_PX = 5;

/** The sheet over the frozen picture that is drawn on: by dragging, by two clicks, or by the arrow keys and Enter. */
export function DrawLayer({ size, desk }: Props) {
    const { tool } = desk;
    const [width, height] = size;
    const sheet = useRef<SVGSVGElement>(null);
    const [from, setFrom] = useState<Point | null>(null);
    const [at, setAt] = useState<Point>([width / 2, height / 2]);
    useEffect(() => sheet.current?.focus(), []);
    useEffect(() => setFrom(null), [tool]);

    const place = (e: PointerEvent): Point => {
        const box = sheet.current!.getBoundingClientRect();
        return [((e.clientX - box.left) / box.width) * width, ((e.clientY - box.top) / box.height) * height];
    };
    const put = (to: Point) => {
        if (tool === 'word') return void desk.draw([to]);
        if (!from) return setFrom(to);
        if (Math.hypot(to[0] - from[0], to[1] - from[1]) < CLICK_PX) return;
        setFrom(null);
        void desk.draw([from, to]);
    };
    const keys = (e: KeyboardEvent) => {
        const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[e.key];
        const chosen = TOOLS.find((one) => one.key === e.key.toUpperCase());
        if (e.ctrlKey || e.metaKey || e.altKey) return;
        if (step) {
            const by = e.shiftKey ? 10 : 1;
            setAt(([x, y]) => [
                Math.max(0, Math.min(width, x + by * step[0])),
                Math.max(0, Math.min(height, y + by * step[1])),
            ]);
        } else if (e.key === 'Enter') {
            put(at);
        } else if (e.key === 'Backspace' && from) {
            setFrom(null);
        } else if (e.key === 'Backspace') {
            desk.takeBack();
        } else if (chosen) {
            desk.setTool(chosen.kind);
        } else {
            return;
        }
        e.preventDefault();
        e.stopPropagation();
    };
    const drawing = from && { kind: tool, word: null, closed: tool === 'ring' || tool === 'frame' || tool === 'zone' };
    return (
        <svg
            ref={sheet}
            viewBox={`0 0 ${width} ${height}`}
            className="absolute inset-0 h-full w-full cursor-crosshair touch-none outline-offset-[-3px]"
            tabIndex={0}
            role="application"
            aria-label="The picture to draw on. Arrow keys move, Enter starts and ends a drawing, Backspace takes the last one back"
            onPointerMove={(e) => setAt(place(e))}
            onPointerDown={(e) => {
                sheet.current?.focus();
                setAt(place(e));
                if (!from && tool !== 'word') setFrom(place(e));
            }}
            onPointerUp={(e) => put(place(e))}
            onKeyDown={keys}
        >
            {drawing && <Stroke drawn={drawing} line={preview(tool, from, at)} scale={inkOf(width)} />}
            <path
                d={`M${at[0] - 10} ${at[1]}h7M${at[0] + 3} ${at[1]}h7M${at[0]} ${at[1] - 10}v7M${at[0]} ${at[1] + 3}v7`}
                stroke="#fff"
                strokeWidth={1.2}
                fill="none"
                pointerEvents="none"
            />
        </svg>
    );
}

/** What a hand sees while it drags; the server lays the finished drawing on the field. */
function preview(tool: DrawingKind, [x, y]: Point, [toX, toY]: Point): Point[] {
    if (tool === 'frame' || tool === 'zone')
        return [
            [x, y],
            [toX, y],
            [toX, toY],
            [x, toY],
        ];
    if (tool !== 'ring')
        return [
            [x, y],
            [toX, toY],
        ];
    const wide = Math.hypot(toX - x, (toY - y) / FLAT);
    return Array.from({ length: 24 }, (_, n) => [
        x + wide * Math.cos((2 * Math.PI * n) / 24),
        y + FLAT * wide * Math.sin((2 * Math.PI * n) / 24),
    ]);
}
