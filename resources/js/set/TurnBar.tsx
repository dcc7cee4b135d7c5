import { Button } from '../ui/Button';

type Props = {
    named: boolean;
    onNamed: (named: boolean) => void;
    onTurn: (to: 'field' | 'boundary' | null) => void;
    /** Leaves the buttons that have keys away, where room is short. */
    short: boolean;
};

/** Turns the call over, to the other side or to the field or boundary; and runs it with our own men. */
export function TurnBar({ named, onNamed, onTurn, short }: Props) {
    return (
        <div className="no-print flex shrink-0 items-center text-[13px] stacked:flex-wrap">
            <Button
                kind="quiet"
                className="!px-2 !py-0.5"
                keys="M"
                title="Turn the call over"
                onClick={() => onTurn(null)}
            >
                Turn over
            </Button>
            {!short && (
                <>
                    <Button
                        kind="quiet"
                        className="!px-2 !py-0.5"
                        keys="Shift F"
                        title="Strength to the wide side"
                        onClick={() => onTurn('field')}
                    >
                        To the field
                    </Button>
                    <Button
                        kind="quiet"
                        className="!px-2 !py-0.5"
                        keys="Shift B"
                        title="Strength to the short side"
                        onClick={() => onTurn('boundary')}
                    >
                        Boundary
                    </Button>
                </>
            )}
            <label className="flex items-center gap-1.5 pl-2 narrow" title="Prove with the starters' own times (N)">
                <input
                    type="checkbox"
                    checked={named}
                    onChange={(e) => onNamed(e.target.checked)}
                    className="accent-[var(--ink)]"
                />
                Our men
            </label>
        </div>
    );
}
