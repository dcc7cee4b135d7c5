import { Link } from '@tanstack/react-router';
import { clsx } from 'clsx';
import { useState } from 'react';
import type { Played } from '../api/types';
import { ClipPlayer } from '../picture/ClipPlayer';
import { capital } from '../ui/words';

type PlayedProps = {
    grade: Played;
    labels: Record<string, string>;
    picked: boolean;
    onPick: () => void;
    staff: boolean;
};

/** One snap of his: what he was asked, what he did, what to do instead, and its clip. */
export function PlayedSnap({ grade: g, labels, picked, onPick, staff }: PlayedProps) {
    const [watch, setWatch] = useState(false);
    return (
        <li className="flex gap-3 border-b border-faint py-2">
            <MarkDot mark={g.mark} faint={!g.counts} />
            <div className="min-w-0 flex-1 text-sm">
                <p>
                    <span className="font-semibold">{capital(g.asked)}.</span> {g.done ? `${g.done}.` : ''}
                    {g.decision && (
                        <b className={g.decision === 'right' ? 'text-open' : 'text-ball'}> Decision {g.decision}.</b>
                    )}
                    {g.bust && <b className="text-ball"> Mental error.</b>}
                    {g.impact && <b className="text-open"> Plus play.</b>}
                </p>
                {g.correction && (
                    <p>
                        <b>Instead:</b> {g.correction.replace(/\.$/, '')}.
                    </p>
                )}
                {g.reason && <p className="text-[13px] text-soft">{g.reason}</p>}
                {(g.not_counted || g.caveat || g.hard) && (
                    <p className="text-[13px] text-amber">
                        {[
                            g.not_counted
                                ? `Not counted: ${g.not_counted}.`
                                : g.caused_by && g.mark > 0 && `Thanks to ${g.caused_by}.`,
                            g.caveat && `Open: ${g.caveat}.`,
                            g.hard && 'A hard job.',
                        ]
                            .filter(Boolean)
                            .join(' ')}
                    </p>
                )}
                {g.faults.length > 0 && (
                    <p className="text-[13px] font-semibold">
                        {g.faults.map((f) => (
                            <span key={f} className={clsx('mr-2', f.startsWith('PRS') ? 'text-open' : 'text-ball')}>
                                {labels[f]}
                            </span>
                        ))}
                    </p>
                )}
                <p className="no-print flex gap-3 text-xs">
                    <span className="text-soft">
                        Snap {g.snap.number}, {g.snap.reel.title}
                    </span>
                    {g.snap.clips.length > 0 && (
                        <>
                            <button
                                type="button"
                                className="font-semibold underline"
                                onClick={() => setWatch(!watch)}
                                aria-expanded={watch}
                            >
                                {watch ? 'Put it away' : `Watch snap ${g.snap.number}`}
                            </button>
                            <button
                                type="button"
                                aria-pressed={picked}
                                className={clsx('underline', picked && 'font-bold')}
                                onClick={onPick}
                            >
                                {picked ? 'beside another' : 'put beside'}
                            </button>
                        </>
                    )}
                    {staff && (
                        <Link to="/film" search={{ reel: g.snap.reel.id, snap: g.snap.id }} className="underline">
                            in the film room
                        </Link>
                    )}
                </p>
                {watch && (
                    <div className="mt-1 max-w-xl">
                        <ClipPlayer clips={g.snap.clips} label={`Snap ${g.snap.number}`} man={g.man} />
                    </div>
                )}
            </div>
        </li>
    );
}

function MarkDot({ mark, faint }: { mark: number; faint: boolean }) {
    const [sign, name] = mark > 0 ? ['+', 'plus'] : mark < 0 ? ['−', 'minus'] : ['0', 'even'];
    return (
        <span
            aria-label={faint ? `${name}, not counted` : name}
            role="img"
            className={clsx(
                'grid size-7 shrink-0 place-items-center rounded-full border-2 font-bold',
                faint && 'border-dashed opacity-60',
                mark > 0 ? 'border-open text-open' : mark < 0 ? 'border-ball text-ball' : 'border-ink',
            )}
        >
            {sign}
        </span>
    );
}
