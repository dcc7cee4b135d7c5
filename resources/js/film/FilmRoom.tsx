import { useQuery } from '@tanstack/react-query';
import { useNavigate, useSearch } from '@tanstack/react-router';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { api } from '../api/client';
import type { Charting, Reel, ReelPage, Snap } from '../api/types';
import { Button } from '../ui/Button';
import { yardLine } from '../ui/words';
import { AddFilm } from './reel/AddFilm';
import { ClipDesk } from './ClipDesk';
import { openSnap, useFilm } from '../model/filmStore';
import { Reels } from './reel/Reels';
import { SnapStrip } from './reel/SnapStrip';
import { useSnapSaving } from './useSnapSaving';
import { reason, refused } from '../api/problems';

/** The film room: a reel, its snaps, and the snap that is worked on. */
export function FilmRoom() {
    const { reel: wantedReel, snap: wantedSnap } = useSearch({ from: '/film' });
    const navigate = useNavigate();
    const { snap, document } = useFilm();
    const { save } = useSnapSaving();
    const reels = useQuery({ queryKey: ['reels'], queryFn: () => api.get<{ reels: Reel[] }>('reels') });
    const charting = useQuery({
        queryKey: ['charting'],
        queryFn: () => api.get<Charting>('charting'),
        staleTime: Infinity,
    });
    const asked = useQuery({
        queryKey: ['snap', wantedSnap],
        enabled: wantedSnap !== undefined,
        queryFn: () => api.get<Snap>(`snaps/${wantedSnap}`),
        staleTime: 0,
    });
    const reelId = wantedReel ?? asked.data?.reel_id ?? reels.data?.reels[0]?.id;
    const reel = useQuery({
        queryKey: ['reel', reelId],
        enabled: reelId !== undefined,
        queryFn: () => api.get<ReelPage>(`reels/${reelId}`),
    });
    const snaps = reel.data?.snaps ?? [];
    const id = wantedSnap ?? snaps.find((s) => s.clips.length > 0)?.id ?? snaps[0]?.id;
    const [failed, setFailed] = useState('');

    useEffect(() => {
        if (!id || useFilm.getState().snap?.id === id) return;
        // An answer that comes after another snap was chosen is not opened any more.
        let left = false;
        const load = async () => {
            await save(true);
            const arrived = await api.get<Snap>(`snaps/${id}`);
            if (left) return;
            openSnap(arrived);
            setFailed('');
        };
        load().catch((e: unknown) => {
            if (left) return;
            const otherwise = 'The snap did not arrive. Choose it again.';
            setFailed(reason(e, otherwise));
            refused(e, otherwise);
        });
        return () => {
            left = true;
        };
    }, [id]); // eslint-disable-line
    // New film arrives while the snap is open.
    useEffect(() => {
        if (asked.data && asked.data.id === snap?.id && asked.data.clips.length !== snap.clips.length) {
            useFilm.setState({ snap: { ...snap, clips: asked.data.clips } });
        }
    }, [asked.data, snap]);

    const open = (to: { id: string; reel_id: string }) =>
        void navigate({ to: '/film', search: { reel: to.reel_id, snap: to.id } });
    const at = snaps.findIndex((s) => s.id === snap?.id);
    const step = (by: number) => {
        const next = snaps[at + by];
        if (next) open(next);
        else toast(by > 0 ? 'This is the last snap of the reel.' : 'This is the first snap of the reel.');
    };
    const changed = snap !== null && document !== snap.document;
    const mine = snap !== null && (reelId === undefined || snap.reel_id === reelId) ? snap : null;
    const { undo } = useFilm.temporal.getState();
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_344px] grid-rows-[50px_minmax(0,1fr)_70px] stacked:flex stacked:h-auto stacked:flex-col">
            <header className="col-span-2 flex items-center gap-3 border-b border-edge px-3 stacked:flex-wrap stacked:py-2">
                <div className="min-w-0 flex-1 stacked:basis-full">
                    <h1 className="truncate text-[16px] font-bold stacked:whitespace-normal">
                        {mine ? `Snap ${mine.document.chart?.number ?? mine.place}` : 'Film'}
                        {mine && <span className="ml-2">{callWords(document?.call, 'call unknown')}</span>}
                        {mine && (
                            <span className="ml-2 font-semibold text-plum">
                                against {callWords(document?.look, 'an unknown look')}
                            </span>
                        )}
                    </h1>
                    <p className="truncate text-xs text-soft stacked:whitespace-normal">
                        {document && mine ? placeOf(document) : ''}
                        {mine?.before && <span className="ml-2">Before: {mine.before}</span>}
                    </p>
                </div>
                <Reels current={reel.data} />
                {reel.data && <AddFilm reel={reel.data} snap={mine} />}
                <Button kind="quiet" onClick={() => undo()} keys="Ctrl Z">
                    Undo
                </Button>
                <Button kind="strong" onClick={() => void save()} disabled={!changed} keys="Ctrl S">
                    {changed ? 'Save' : mine ? `Saved, v${mine.version}` : 'Save'}
                </Button>
            </header>
            {reel.data && charting.data ? (
                <ClipDesk
                    key={mine?.id ?? 'none'}
                    reel={reel.data}
                    snap={mine}
                    charting={charting.data}
                    onOpen={open}
                    onStep={step}
                />
            ) : (
                <p className="col-span-2 p-8 text-soft">
                    {reels.data?.reels.length === 0
                        ? 'No reel yet: start one at the top, then add film or chart without it.'
                        : failed || 'Opening the reel…'}
                </p>
            )}
            <SnapStrip snaps={snaps} current={mine?.id ?? null} onOpen={open} />
        </div>
    );
}

const callWords = (said: unknown, none: string): string =>
    typeof said === 'string' && said !== ''
        ? said
        : said && typeof said === 'object'
          ? `${(said as { front?: string }).front ?? 'a drawn call'} ${(said as { shell?: string }).shell ?? ''}`
          : none;

function placeOf(d: NonNullable<ReturnType<typeof useFilm.getState>['document']>): string {
    const s = d.situation ?? {};
    const c = d.chart ?? {};
    return [
        s.down ? `${['', '1st', '2nd', '3rd', '4th'][s.down]}${s.toGoYd === undefined ? '' : ` and ${s.toGoYd}`}` : '',
        s.ballOnYd === undefined ? '' : `on ${yardLine(s.ballOnYd)}`,
        s.hash ? `${s.hash} hash` : '',
        c.quarter ? `quarter ${c.quarter}` : '',
        c.clockS === undefined ? '' : `${Math.floor(c.clockS / 60)}:${String(c.clockS % 60).padStart(2, '0')}`,
        c.score ? `${c.score.us} to ${c.score.them}` : '',
        c.result
            ? `${c.result}${c.gainYd === undefined ? '' : ` ${c.gainYd > 0 ? '+' : ''}${c.gainYd}`}${c.touchdown ? ', touchdown' : ''}`
            : '',
    ]
        .filter(Boolean)
        .join(', ');
}
