import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import type { Measured, Remark, Snap } from '../../api/types';
import type { useSnapSaving } from '../useSnapSaving';

const NO_REMARK: Remark = {
    correction: '',
    caveat: '',
    certain: true,
    hard: false,
    caused_by: null,
    charged_to: null,
};

/** Who is looked at, his faults and flags as they would be kept, and keeping them. */
export function useGrading(snap: Snap | null, measured: Measured | null, saving: ReturnType<typeof useSnapSaving>) {
    const [man, setMan] = useState('Q');
    const [faults, setFaults] = useState<string[]>([]);
    const [flags, setFlags] = useState({ bust: false, impact: false });
    const [marks, setMarks] = useState<Record<string, number | null>>({});
    const [remark, setRemark] = useState<Remark>(NO_REMARK);
    /** The window that is open over the strip, if any. */
    const [saying, setSaying] = useState<'remark' | 'by eye' | null>(null);
    const given = snap?.grades.find((g) => g.man === man);
    const proposal = measured?.proposals.find((p) => p.man === man);
    const proposed = proposal?.faults.join();
    useEffect(() => {
        setFaults(given?.faults ?? proposal?.faults ?? []);
        setFlags({ bust: given?.bust ?? false, impact: given?.impact ?? false });
        setMarks(given?.marks ?? proposal?.marks ?? {});
        setRemark(given ? remarkOf(given) : NO_REMARK);
    }, [man, given?.version, proposed, JSON.stringify(proposal?.marks)]); // eslint-disable-line

    const flip = (id: string | undefined) =>
        id && setFaults((f) => (f.includes(id) ? f.filter((one) => one !== id) : [...f, id]));
    const give = (about: string, mark: number) => {
        const p = measured?.proposals.find((one) => one.man === about);
        if (!p) return;
        const more = about === man ? { ...flags, ...remark, marks } : {};
        void saving.grade(p, mark, about === man ? faults : p.faults, more);
    };
    /** Keeps what is proposed for this man and goes to the next who has no grade. */
    const accept = () => {
        if (!proposal || proposal.mark === null)
            return void toast(`Nothing is proposed for ${man}: measure him, or grade by + 0 −.`);
        giveOn(proposal.mark);
    };
    const next = (by: number) => {
        const all = measured?.proposals.map((p) => p.man) ?? [];
        if (all.length > 0) setMan(all[(all.indexOf(man) + by + all.length) % all.length]);
    };
    /** Gives him a mark and goes on to the next man who has none. */
    const giveOn = (mark: number) => {
        const all = measured?.proposals.map((p) => p.man) ?? [];
        const graded = snap?.grades.map((g) => g.man) ?? [];
        const at = all.indexOf(man);
        const open = [...all.slice(at + 1), ...all.slice(0, at)].find((one) => !graded.includes(one));
        give(man, mark);
        if (open) setMan(open);
    };
    const key = (n: number) => flip(measured?.labels[man]?.find((f) => f.key === n)?.id);
    const flag = (name: 'bust' | 'impact') => setFlags((f) => ({ ...f, [name]: !f[name] }));
    /** A part goes from empty to plus to minus to empty. */
    const part = (name: string) => setMarks((m) => ({ ...m, [name]: m[name] === 1 ? -1 : m[name] === -1 ? null : 1 }));
    const say = (change: Partial<Remark>) => setRemark((r) => ({ ...r, ...change }));
    /** A remark on a grade already given is kept at once, else with the grade. */
    const keepRemark = () => given && give(man, given.mark);
    return {
        remark,
        say,
        saying,
        setSaying,
        keepRemark,
        marks,
        part,
        man,
        setMan,
        faults,
        flip,
        flags,
        flag,
        give,
        giveOn,
        accept,
        next,
        key,
    };
}

export type Grading = ReturnType<typeof useGrading>;

export function remarkOf({ correction, caveat, certain, hard, caused_by, charged_to }: Remark): Remark {
    return { correction, caveat, certain, hard, caused_by, charged_to };
}
