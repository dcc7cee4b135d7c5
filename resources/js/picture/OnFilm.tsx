import type { ReactNode } from 'react';
import { following } from './drawn';
import { DrawnOver } from './DrawnOver';
import { Ring } from './Ring';
import type { Held } from './useHeld';

/** A picture this wide is marked with lines of their own width. */
const USUAL_PX = 640;

type Props = { held: Held; man?: string; large: boolean; children: ReactNode };

/** A film with what was drawn on it and a ring round its man; enlarged, it follows him. */
export function OnFilm({ held, man, large, children }: Props) {
    const { place, drawings, widthPx, heightPx, t, shownPx = USUAL_PX } = held;
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
                        {place && <Ring place={place} scale={widthPx / USUAL_PX / follow.scale} />}
                        <DrawnOver drawings={drawings} t={t} widthPx={widthPx} shownPx={shownPx * follow.scale} />
                    </svg>
                )}
            </div>
        </div>
    );
}
