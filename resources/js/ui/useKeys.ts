import type { DependencyList } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** Keys that work everywhere but in a window that is open and where words are typed or chosen; a slider with the focus does not swallow them. */
export function useKeys(keys: string, does: (e: KeyboardEvent) => unknown, deps: DependencyList = []) {
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
