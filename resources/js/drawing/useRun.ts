import { useEffect, useMemo, useState } from 'react';
import type { Act, CallDocument, OutcomeRow, ProofAnswer, ReadState } from '../api/types';
import { usePlayback } from './usePlayback';
import { useFrames, type AnyLook, type Press, type Situation } from '../api/useProof';

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
    const [prongs, setProngs] = useState<(number | null)[]>([]);
    const [watching, setWatching] = useState(false);
    const [walked, setWalked] = useState(0);
    const keys = answer?.report.keys ?? [];
    const key = keys[0];
    const prong = prongs[0] ?? null;
    const names = prongs.map((p, n) => (p === null ? undefined : keys[n]?.choices[p]?.name));
    const choice = chosenOutcome(answer, prongs);
    const act = useMemo<Act | null>(() => {
        const named = names
            .map((name, n) => (name === undefined ? null : { defender: keys[n].defender, name }))
            .filter((one) => one !== null);
        if (named.length === 0) return null;
        const at = keys.find((k) => k.defender === named[0].defender)!.acts.findIndex((a) => a.name === named[0].name);
        return { ...named[0], index: at, ...(named[1] ? { and: named[1] } : {}) };
    }, [keys.map((k) => k.defender).join(), names.join()]); // eslint-disable-line
    const frames = useFrames(document, look, situation, act, watching, named, press);
    const until = frames ? (frames.at.length - 1) * frames.step : (answer?.report.tempo.caughtAt ?? 3) + 0.6;
    const clock = usePlayback(until);

    useEffect(() => {
        setProngs([]);
        setWatching(false);
        setWalked(0);
        clock.set(0);
    }, [look, document]); // eslint-disable-line
    useEffect(() => onPress({}), [look]); // eslint-disable-line

    const states: ReadState[] =
        (act && key && prong !== null ? key.acts[act.index ?? 0]?.reads : answer?.report.states) ?? [];
    const start = () => {
        setWatching(true);
        clock.set(0);
        setTimeout(() => clock.play(), 120);
    };
    return {
        /** The prong pressed on each key, in the order of the keys. */
        prongs,
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
        takeProng: (index: number, place = 0) => {
            if (!keys[place]?.choices[index]) return;
            setProngs((now) => (place === 0 ? [index, now[1] ?? null] : [now[0] ?? null, index]));
            start();
        },
        react: (man: string, reaction: string | null) => {
            onPress(reaction === null ? {} : { [man]: reaction });
            setProngs([]);
            if (reaction !== null) start();
        },
        scrub: (s: number) => (setWatching(true), clock.set(s)),
        rest: () => {
            clock.set(0);
            setWatching(false);
            setProngs([]);
            setWalked(0);
            onPress({});
        },
    };
}

/** What comes of the prongs pressed: of two keys the pair, of one its choice. */
function chosenOutcome(answer: ProofAnswer | null, prongs: (number | null)[]): OutcomeRow | undefined {
    const { keys = [], run } = answer?.report ?? {};
    const [first, second] = prongs.map((p, n) => (p === null ? undefined : keys[n]?.choices[p]));
    const pair = first && second && run?.pairs.find((row) => row.acts[0] === first.name && row.acts[1] === second.name);
    return pair || first || second;
}

export type Run = ReturnType<typeof useRun>;
