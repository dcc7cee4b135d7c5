import { useEffect, useMemo, useState } from 'react';
import type { Act, CallDocument, ProofAnswer, ReadState } from '../api/types';
import { usePlayback } from './usePlayback';
import { useFrames, type AnyLook, type Press, type Situation } from './useProof';

/** The play being run, a prong pressed, a press man's reaction chosen, or the reads walked one by one. */
export function useRun(
    document: CallDocument | null,
    look: AnyLook,
    situation: Situation,
    named: boolean,
    answer: ProofAnswer | null,
    press: Press,
    onPress: (press: Press) => void,
) {
    const [prong, setProng] = useState<number | null>(null);
    const [watching, setWatching] = useState(false);
    const [walked, setWalked] = useState(0);
    const key = answer?.report.keys[0];
    const choice = prong === null ? undefined : key?.choices[prong];
    const act = useMemo<Act | null>(
        () =>
            key && choice
                ? {
                      defender: key.defender,
                      name: choice.name,
                      index: key.acts.findIndex((a) => a.name === choice.name),
                  }
                : null,
        [key?.defender, choice?.name], // eslint-disable-line
    );
    const frames = useFrames(document, look, situation, act, watching, named, press);
    const until = frames ? (frames.at.length - 1) * frames.step : (answer?.report.tempo.caughtAt ?? 3) + 0.6;
    const clock = usePlayback(until);

    useEffect(() => {
        setProng(null);
        setWatching(false);
        setWalked(0);
        clock.set(0);
    }, [look, document]); // eslint-disable-line
    useEffect(() => onPress({}), [look]); // eslint-disable-line

    const states: ReadState[] = (act && key ? key.acts[act.index]?.reads : answer?.report.states) ?? [];
    const start = () => {
        setWatching(true);
        clock.set(0);
        setTimeout(() => clock.play(), 120);
    };
    return {
        prong,
        watching,
        frames,
        until,
        clock,
        choice,
        /** The reads gone through so far: dead ones fade, the last one is where the eyes are. */
        walk: states.slice(0, walked),
        step: () => {
            setWatching(false);
            clock.set(0);
            setWalked(walked >= states.length ? 0 : walked + 1);
        },
        play: () => {
            if (clock.running) return clock.stop();
            setWatching(true);
            clock.play();
        },
        takeProng: (index: number) => {
            if (!key?.choices[index]) return;
            setProng(index);
            start();
        },
        react: (man: string, reaction: string | null) => {
            onPress(reaction === null ? {} : { [man]: reaction });
            setProng(null);
            if (reaction !== null) start();
        },
        scrub: (s: number) => (setWatching(true), clock.set(s)),
        rest: () => {
            clock.set(0);
            setWatching(false);
            setProng(null);
            setWalked(0);
            onPress({});
        },
    };
}

export type Run = ReturnType<typeof useRun>;
