import type { DependencyList } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';

/** Keys that work everywhere but where words are typed or chosen; a slider with the focus does not swallow them. */
export function useKeys(keys: string, does: (e: KeyboardEvent) => unknown, deps: DependencyList = []) {
    useHotkeys(
        keys,
        (e) => void does(e),
        {
            preventDefault: true,
            enableOnFormTags: ['INPUT'],
            ignoreEventWhen: (e) => e.target instanceof HTMLInputElement && e.target.type !== 'range',
        },
        deps,
    );
}
