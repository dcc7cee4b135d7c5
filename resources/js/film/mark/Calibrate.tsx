import type { Overlay } from '../../api/types';
import { Button } from '../../ui/Button';
import { yardLine } from '../../ui/words';
import type { Point } from '../../model/filmStore';
import { Select } from '../../ui/Select';

export type Aim = { across: string; yard: number };

type Props = {
    overlay: Overlay | null;
    problem: string;
    points: Point[];
    aim: Aim;
    onAim: (a: Aim) => void;
    onPoints: (p: Point[]) => void;
};

const YARDS = Array.from({ length: 19 }, (_, i) => 5 + i * 5);

/** Choose a field mark, click it on the picture; from four marks on the paint is laid over. */
export function Calibrate({ overlay, problem, points, aim, onAim, onPoints }: Props) {
    return (
        <div className="flex flex-wrap items-end gap-3 border-t border-edge bg-card px-3 py-2 text-sm">
            <label className="text-xs text-soft">
                Yard line
                <Select
                    value={aim.yard}
                    onChange={(e) => onAim({ ...aim, yard: Number(e.target.value) })}
                    className="mt-0.5 block text-sm"
                >
                    {YARDS.map((y) => (
                        <option key={y} value={y}>
                            {yardLine(y)}
                        </option>
                    ))}
                </Select>
            </label>
            <label className="text-xs text-soft">
                Mark on it
                <Select
                    value={aim.across}
                    onChange={(e) => onAim({ ...aim, across: e.target.value })}
                    className="mt-0.5 block text-sm"
                >
                    {Object.keys(overlay?.marks ?? {}).map((name) => (
                        <option key={name}>{name}</option>
                    ))}
                </Select>
            </label>
            {/* As high as its longest message: the picture must not move under a hand that clicks. */}
            <p className="flex min-h-15 min-w-0 flex-1 items-end" role="status">
                {problem ? (
                    <span className="font-semibold text-ball">{problem}</span>
                ) : points.length < 4 ? (
                    `Choose a mark and click it on the picture: ${points.length} of 4. Left is the offense's left.`
                ) : (
                    `${points.length} marks. The amber lines must sit on the paint; the fit misses by ${overlay?.residualPx ?? 0} px.`
                )}
            </p>
            <Button onClick={() => onPoints(points.slice(0, -1))} disabled={points.length === 0} keys="Backspace">
                Take back
            </Button>
            <Button kind="quiet" onClick={() => onPoints([])} disabled={points.length === 0}>
                Start over
            </Button>
        </div>
    );
}
