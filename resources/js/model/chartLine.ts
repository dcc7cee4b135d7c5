import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';

type ChartLine = {
    /** What stands in the charting line, by reel: it outlives the snap that is open and a reload of the page. */
    lines: Record<string, string>;
    say: (reel: string, line: string) => void;
    /** Whether he charts snap after snap: a snap that is opened then has the keys in its line. */
    goesOn: boolean;
    goOn: (goesOn: boolean) => void;
};

/** The line in which snaps are charted, one after the other. */
export const useChartLine = create<ChartLine>()(
    persist(
        (set) => ({
            lines: {},
            say: (reel, line) => set((s) => ({ lines: { ...s.lines, [reel]: line } })),
            goesOn: false,
            goOn: (goesOn) => set({ goesOn }),
        }),
        {
            name: 'charting line',
            storage: createJSONStorage(() => sessionStorage),
            partialize: (s) => ({ lines: s.lines }),
        },
    ),
);
