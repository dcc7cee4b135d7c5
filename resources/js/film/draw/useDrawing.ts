import { useState } from 'react';
import type { Angle, DrawingKind, FilmDocument } from '../../api/types';
import { useFilm, withDrawing, withoutDrawing } from '../../model/filmStore';
import { askWord } from '../../ui/window/asking';
import type { Player } from '../usePlayer';
import { useDrawn } from './useDrawn';

/** Drawing on the picture that stands: the tool, what is drawn, and how it is put there and taken away. */
export function useDrawing(document: FilmDocument | null, angle: Angle, player: Player) {
    const [tool, setTool] = useState<DrawingKind>('arrow');
    const drawn = useDrawn(document, angle);
    const work = useFilm.getState().work;
    const draw = async (points: [number, number][]) => {
        const atS = player.t;
        const word =
            tool === 'word'
                ? await askWord({ title: 'A word on the picture', label: 'It says', most: 80, yes: 'Put it there' })
                : null;
        if (tool === 'word' && word === null) return;
        work((d) =>
            withDrawing(d, {
                kind: tool,
                atS,
                points,
                ...(angle === 'wide' ? {} : { angle }),
                ...(word ? { word } : {}),
            }),
        );
    };
    const remove = (id: string) => work((d) => withoutDrawing(d, id));
    const takeBack = () => {
        const last = (document?.drawings ?? []).filter((d) => (d.angle ?? 'wide') === angle).at(-1);
        if (last) remove(last.id);
    };
    return { tool, setTool, drawn, draw, remove, takeBack };
}

export type DrawingDesk = ReturnType<typeof useDrawing>;
