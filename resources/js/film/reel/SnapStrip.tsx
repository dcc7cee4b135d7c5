import { clsx } from 'clsx';
import { useEffect, useRef } from 'react';
import type { StripSnap } from '../../api/types';

type Props = { snaps: StripSnap[]; current: string | null; onOpen: (snap: StripSnap) => void };

/** The snaps of a reel as a strip: a small picture where there is film, the gain, and how the decision was. */
export function SnapStrip({ snaps, current, onOpen }: Props) {
    const strip = useRef<HTMLElement>(null);
    useEffect(() => {
        strip.current?.querySelector('[aria-current=true]')?.scrollIntoView({ block: 'nearest', inline: 'center' });
    }, [current, snaps.length]);
    return (
        <nav
            ref={strip}
            aria-label="Snaps"
            className="col-span-2 flex gap-1.5 overflow-x-auto border-t border-edge bg-card p-1.5 stacked:order-first stacked:h-20 stacked:border-t-0 stacked:border-b"
        >
            {snaps.map((s) => (
                <button
                    key={s.id}
                    type="button"
                    aria-current={s.id === current}
                    title={s.call ?? undefined}
                    onClick={() => onOpen(s)}
                    className={clsx(
                        'relative flex h-full w-[104px] shrink-0 flex-col justify-end overflow-hidden rounded border bg-paper text-left [contain-intrinsic-size:104px] [content-visibility:auto]',
                        s.id === current ? 'border-2 border-ball' : 'border-edge hover:border-ink',
                    )}
                >
                    <span className="sr-only">
                        Snap {s.number ?? s.place}, {s.call ?? 'call unknown'}, {gain(s)}
                    </span>
                    {s.clips.length > 0 ? (
                        <img
                            src={`/api/v1/clips/${s.clips[0].id}/picture`}
                            alt=""
                            loading="lazy"
                            className="absolute inset-0 h-full w-full object-cover"
                        />
                    ) : (
                        <span
                            aria-hidden="true"
                            className="absolute inset-x-1.5 top-1 line-clamp-2 text-[11px] leading-tight text-soft narrow"
                        >
                            {s.call ?? 'not charted'}
                        </span>
                    )}
                    <span
                        aria-hidden="true"
                        className={clsx(
                            'relative flex w-full items-center gap-1 px-1 text-xs font-bold',
                            s.clips.length > 0 && 'bg-black/70 text-white',
                        )}
                    >
                        <span>{s.number ?? s.place}</span>
                        {s.open_questions ? (
                            <span title={`${s.open_questions} open questions`} className="text-amber">
                                ?
                            </span>
                        ) : null}
                        <span className="ml-auto narrow">{gain(s)}</span>
                        <Dot decision={s.decision} graded={s.grades_count > 0} />
                    </span>
                </button>
            ))}
        </nav>
    );
}

const gain = (s: StripSnap): string =>
    s.nullified
        ? 'no play'
        : s.touchdown
          ? 'TD'
          : s.gain_yd !== null
            ? `${s.gain_yd > 0 ? '+' : ''}${s.gain_yd}`
            : s.result === null
              ? ''
              : ({ incomplete: 'inc', intercepted: 'int', 'thrown away': 'away' }[s.result] ?? s.result);

/** Filled when graded; its shape says the decision: a disk is right, a square late, a cross wrong or forced. */
function Dot({ decision, graded }: { decision: string | null; graded: boolean }) {
    const shape = decision === 'right' ? '●' : decision === 'right but late' ? '■' : decision ? '✕' : '';
    return shape === '' ? null : (
        <span className={clsx('text-[9px]', !graded && 'opacity-60')} title={`Decision ${decision}`}>
            {shape}
        </span>
    );
}
