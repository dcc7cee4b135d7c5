import type { Charting, Measured } from '../api/types';
import { Button } from '../ui/Button';
import { MarkBar } from './mark/MarkBar';
import type { Grading } from './grade/useGrading';
import type { Marking } from './mark/useMarking';
import type { Player } from './usePlayer';
import { Select } from '../ui/Select';

type Props = {
    player: Player;
    marking: Marking;
    grading: Grading;
    charting: Charting;
    measured: Measured | null;
};

/** Running the film and marking it. */
export function Transport({ player, marking, grading, charting, measured }: Props) {
    return (
        <div className="flex items-center gap-1 px-2 pb-1.5 stacked:flex-wrap">
            <Button onClick={player.play} keys="Space" className="!px-2">
                Play
            </Button>
            <Button kind="quiet" onClick={() => player.step(-1)} keys="," className="!px-1.5" aria-label="Frame back">
                ‹
            </Button>
            <Button kind="quiet" onClick={() => player.step(1)} keys="." className="!px-1.5" aria-label="Frame on">
                ›
            </Button>
            <Select
                aria-label="Speed"
                value={player.rate}
                onChange={(e) => player.speed(Number(e.target.value))}
                className="text-sm"
            >
                <option value={1}>×1</option>
                <option value={0.5}>×½</option>
                <option value={0.25}>×¼</option>
            </Select>
            <span className="w-28 text-xs font-semibold whitespace-nowrap narrow" data-testid="clock">
                {player.t.toFixed(2)} s, frame {Math.round(player.t * player.fps)}
            </span>
            <MarkBar
                catalogue={charting.marks}
                who={grading.man}
                men={(measured?.proposals ?? []).map((r) => r.man)}
                defenders={measured?.defenders ?? []}
                onWho={grading.setMan}
                onMark={marking.mark}
            />
        </div>
    );
}
