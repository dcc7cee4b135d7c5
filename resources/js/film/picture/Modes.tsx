import { clsx } from 'clsx';
import type { Dispatch, ReactNode, SetStateAction } from 'react';
import type { FilmDocument } from '../../api/types';
import type { Mode } from './Picture';
import type { useFollowing } from '../follow/useFollowing';
import type { Player } from '../usePlayer';

type Props = {
    mode: Mode;
    setMode: Dispatch<SetStateAction<Mode>>;
    plan: boolean;
    setPlan: Dispatch<SetStateAction<boolean>>;
    following: ReturnType<typeof useFollowing>;
    player: Player;
    man: string;
    document: FilmDocument;
};

/** What a click on the picture does, and what the product follows by itself. */
export function Modes({ mode, setMode, plan, setPlan, following, player, man, document }: Props) {
    const toggle = (to: Mode) => setMode((m) => (m === to ? 'watch' : to));
    const follow = async () => {
        const lost = await following.man(man, document, player.t);
        if (lost !== null) player.seek(lost);
    };
    return (
        <div className="absolute bottom-2.5 left-2.5 flex flex-wrap items-center gap-1 text-xs">
            <Pill
                pressed={mode === 'calibrate'}
                onClick={() => toggle('calibrate')}
                title="Click field marks to place the picture (K)"
            >
                Calibrate
            </Pill>
            <Pill pressed={mode === 'plot'} onClick={() => toggle('plot')} title="Click where a man's feet are (P)">
                Plot
            </Pill>
            <Pill
                pressed={mode === 'draw'}
                onClick={() => (player.seek(player.t), toggle('draw'))}
                title="Draws on the frozen picture: arrow, line, ring, frame, zone, word (D)"
            >
                Draw
            </Pill>
            <Pill pressed={plan} onClick={() => setPlan(!plan)} title="The plan over the film (L)">
                Plan
            </Pill>
            {mode === 'calibrate' && (
                <Pill
                    onClick={() => void following.paint()}
                    title="Carries the calibration through the clip along the field's paint"
                >
                    Follow the paint
                </Pill>
            )}
            {mode === 'plot' && (
                <Pill onClick={() => void follow()} title={`Follows ${man} from this picture on until he is lost`}>
                    Follow {man}
                </Pill>
            )}
            {following.share !== null && (
                <span className="flex items-center gap-2 rounded-full bg-black/75 px-3 py-1 text-white" role="status">
                    Following… <progress value={following.share} max={1} className="h-1.5 w-28 accent-white" />
                    <button type="button" className="underline" onClick={following.stop}>
                        Stop
                    </button>
                </span>
            )}
        </div>
    );
}

type PillProps = { pressed?: boolean; onClick: () => void; title: string; children: ReactNode };

function Pill({ pressed, onClick, title, children }: PillProps) {
    return (
        <button
            type="button"
            aria-pressed={pressed}
            onClick={onClick}
            title={title}
            className={clsx(
                'rounded-full px-3 py-1 font-semibold narrow',
                pressed ? 'bg-white text-black' : 'bg-black/75 text-white hover:bg-black',
            )}
        >
            {children}
        </button>
    );
}
