import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, Problem } from '../api/client';
import { refused } from '../api/problems';
import { useSession } from '../api/session';
import { hold } from '../model/heldAnswers';
import type { RepAnswered, RepQuestion } from '../api/repTypes';
import { usePlayback } from '../drawing/usePlayback';
import { pictureOf } from './useReps';

/** How long he sees the men stand before the ball is snapped, ms. */
const SET_MS = 900;

/** One question: its picture runs up to the read and stands still, the time is taken, the answer is sent, it runs on. */
export function useAsked(player: string, question: RepQuestion, onAnswered: (right: boolean) => void) {
    const isHis = useSession().playerId === player;
    const path = `players/${player}/reps/${question.id}`;
    const picture = useQuery(pictureOf(player, question));
    const [chosen, setChosen] = useState<string | null>(null);
    const [answer, setAnswer] = useState<RepAnswered | null>(null);
    const [tookS, setTookS] = useState(0);
    const frames = picture.data?.frames ?? null;
    const end = frames ? (frames.at.length - 1) * frames.step : 0;
    const clock = usePlayback(answer ? end : Math.min(end, question.freezeS ?? 0));
    const isStill = picture.data !== undefined && (frames === null || clock.t >= (question.freezeS ?? 0) - 0.01);
    const since = useRef<number | null>(null);

    useEffect(() => {
        if (!frames) return;
        const timer = setTimeout(clock.play, SET_MS);
        return () => clearTimeout(timer);
    }, [frames]); // eslint-disable-line
    useEffect(() => {
        if (isStill) since.current ??= performance.now();
    }, [isStill]);
    useEffect(() => {
        if (answer && frames) clock.play();
    }, [answer]); // eslint-disable-line

    const choose = async (value: string) => {
        if (!isStill || chosen !== null) return;
        setChosen(value);
        const took = (performance.now() - (since.current ?? performance.now())) / 1000;
        setTookS(took);
        try {
            const said = await api.post<RepAnswered>(path, { answer: value, tookS: took });
            setAnswer(said);
            onAnswered(said.right);
        } catch (e) {
            const told = picture.data?.told;
            if (told !== undefined && isHis && e instanceof Problem && e.status === 0) {
                const right = told.answers.includes(value);
                hold({
                    player,
                    question: question.id,
                    answer: value,
                    tookS: took,
                    right,
                    at: new Date().toISOString(),
                });
                setAnswer({ ...told, right, kept: true, comesOn: null, waits: true });
                onAnswered(right);
                return;
            }
            setChosen(null);
            refused(e, 'The answer was not kept.', () => choose(value));
        }
    };
    return { picture, frames, t: clock.t, isStill, chosen, answer, tookS, choose };
}
