import type { ReactNode } from 'react';
import { following, inkOf } from './drawn';
import { DrawnOver } from './DrawnOver';
import { Ring } from './Ring';
import type { Held } from './useHeld';

type Props = { held: Held; man?: string; large: boolean; children: ReactNode };

/** A film with what was drawn on it and a ring round its man; enlarged, it follows him. */
export function OnFilm({ held, man, large, children }: Props) {
    const { place, drawings, widthPx, heightPx, t, shownPx } = held;
    const follow = large && place ? following(place, widthPx, heightPx) : { scale: 1, transform: undefined };
    return (
        <div className="relative overflow-hidden rounded-md">
            <div className="relative origin-top-left" style={{ transform: follow.transform }}>
                {children}
                {(drawings.length > 0 || place) && (
                    <svg
                        viewBox={`0 0 ${widthPx} ${heightPx}`}
                        className="pointer-events-none absolute inset-0 h-full w-full"
                        role="img"
                        aria-label={drawings.length > 0 ? 'What your coach drew' : `${man}, ringed`}
                    >
                        {place && <Ring place={place} scale={inkOf(widthPx) / follow.scale} />}
                        <DrawnOver
                            drawings={drawings}
                            t={t}
                            widthPx={widthPx}
                            shownPx={shownPx && shownPx * follow.scale}
                        />
                    </svg>
                )}
            </div>
        </div>
    );
}
