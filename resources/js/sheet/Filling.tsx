import { Button } from '../ui/Button';
import type { Progress } from './useSheet';

/** How far a sheet is filled, and a way to stop it. */
export function Filling({ done, of, stopped, stop, looks }: Progress & { stop: () => void; looks: number }) {
    if (done < of && !stopped)
        return (
            <>
                <progress value={done} max={of} aria-label="Looks proved" className="w-32 accent-ball" />
                <Button kind="quiet" className="!px-2 !py-0" onClick={stop}>
                    Stop
                </Button>
            </>
        );
    return <span>{done < of ? `Stopped after ${looks} looks` : `${looks} looks proved`}</span>;
}
