import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import type { FilmDocument, Measured, ProofAnswer } from '../../api/types';
import { scaleFor } from '../../drawing/scale';

type Props = { document: FilmDocument; measured: Measured; t: number };

/** The proof's own run of what the key did, beside the film and on its clock. */
export function PlanRun({ document, measured, t }: Props) {
    const { defender, choice } = measured.decision;
    // Of an option both read men do what they did.
    const second = Object.entries(measured.decision.choices).find(([role]) => role !== defender);
    const act =
        defender && choice
            ? { defender, name: choice, ...(second ? { and: { defender: second[0], name: second[1] } } : {}) }
            : undefined;
    const call = document.call;
    const asked = { look: document.look, situation: document.situation ?? undefined, frames: true, act };
    const answer = useQuery({
        queryKey: ['plan-run', call, asked],
        enabled: Boolean(call && document.look),
        queryFn: () =>
            api.post<ProofAnswer>(
                'proofs',
                typeof call === 'string' ? { words: call, ...asked } : { document: call, ...asked },
            ),
    });
    const snap = document.marks?.find((m) => m.kind === 'snap')?.atS ?? 0;
    const frames = answer.data?.frames;
    const stage = answer.data?.stage;
    if (!frames || !stage) return null;
    const scale = scaleFor(stage.field.left, stage.field.right);
    const f = Math.max(0, Math.min(frames.at.length - 1, Math.round((t - snap) / frames.step)));
    const row = frames.at[f];
    const [bx, by] = frames.ball[Math.min(frames.ball.length - 1, f)];
    const [top, bottom] = [scale.y(22), scale.y(-8)];
    return (
        <figure
            className="absolute right-2.5 bottom-2.5 w-[36%] rounded-md border border-edge bg-paper p-1"
            data-testid="plan-run"
        >
            <svg
                viewBox={`0 ${top} ${scale.width} ${bottom - top}`}
                className="block w-full"
                role="img"
                aria-label="The proof's run"
            >
                <line x1={0} x2={scale.width} y1={scale.y(0)} y2={scale.y(0)} stroke="var(--edge)" strokeWidth={2} />
                {[...frames.men, ...frames.defenders].map((name, i) => {
                    const ours = i < frames.men.length;
                    return (
                        <text
                            key={name}
                            x={scale.x(row[2 * i])}
                            y={scale.y(row[2 * i + 1]) + 10}
                            textAnchor="middle"
                            className="text-[30px] font-bold"
                            fill={ours ? 'var(--ink)' : name === defender ? 'var(--ball)' : 'var(--plum)'}
                        >
                            {ours ? name : (stage.defenders[i - frames.men.length]?.letter ?? '·')}
                        </text>
                    );
                })}
                <ellipse cx={scale.x(bx)} cy={scale.y(by)} rx={7} ry={5} fill="var(--ball)" />
            </svg>
            <figcaption className="px-1 text-[11px] text-soft narrow">
                {act
                    ? `The ${act.defender}: ${act.name}${second ? `, the ${second[0]}: ${second[1]}` : ''}`
                    : 'By everybody’s rule'}
                , {Math.max(0, t - snap).toFixed(1)} s
            </figcaption>
        </figure>
    );
}
