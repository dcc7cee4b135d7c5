import { Link } from '@tanstack/react-router';

/** From the board to the series its call lives in. */
export function SeriesRail({ call, look }: { call: string; look: string }) {
    return (
        <Link
            to="/series"
            search={{ call, ...(look ? { look } : {}) }}
            className="border-t border-edge px-3 py-2 text-[12.5px] font-semibold narrow hover:text-ball"
            title="Run, counter, keep and play-action of this formation side by side"
        >
            Its series, side by side
        </Link>
    );
}
