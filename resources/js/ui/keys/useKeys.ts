import { useEffect, type DependencyList } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { create } from 'zustand';

export type KeyOnScreen = { keys: string; says: string };

/** Every key of what is on the screen now, in the order in which it was put up. */
export const useKeyList = create<{ list: KeyOnScreen[] }>(() => ({ list: [] }));

/**
 * Keys that work everywhere but in a window that is open and where words are typed or chosen; a slider with the focus
 * does not swallow them. What each does is said, for the page of keys.
 */
export function useKeys(
    keys: string,
    says: string,
    does: (e: KeyboardEvent) => unknown,
    deps: DependencyList = [],
): void {
    useSaid(keys, says);
    useHotkeys(
        keys,
        (e) => void does(e),
        {
            preventDefault: true,
            enableOnFormTags: ['INPUT'],
            ignoreEventWhen: (e) =>
                (e.target instanceof HTMLInputElement && e.target.type !== 'range') ||
                (e.target instanceof Element && e.target.closest('[role=dialog]') !== null),
        },
        deps,
    );
}

/** A key said to the page of keys, while whoever has it is on the screen. */
export function useSaid(keys: string, says: string): void {
    useEffect(() => {
        const key = { keys, says };
        useKeyList.setState((s) => ({ list: [...s.list, key] }));
        return () => useKeyList.setState((s) => ({ list: s.list.filter((one) => one !== key) }));
    }, [keys, says]);
}
