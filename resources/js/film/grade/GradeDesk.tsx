import type { Charting, FilmDocument, Measured, Snap } from '../../api/types';
import { useFilm, withSeen } from '../../model/filmStore';
import type { useSnapSaving } from '../useSnapSaving';
import { ByEye } from './ByEye';
import { DecisionCard } from './DecisionCard';
import { PlanDone } from './PlanDone';
import { Remarks } from './Remarks';
import type { Grading } from './useGrading';

type Props = {
    measured: Measured;
    snap: Snap;
    document: FilmDocument;
    charting: Charting;
    grading: Grading;
    saving: ReturnType<typeof useSnapSaving>;
    running: boolean;
    onRun: () => void;
};

/** The decision, plan against done for eleven, and the strip that grades the man who is looked at. */
export function GradeDesk({ measured, snap, document, charting, grading, saving, running, onRun }: Props) {
    const { man } = grading;
    return (
        <>
            <DecisionCard
                measured={measured}
                running={running}
                onRun={onRun}
                onSeen={(who, what, value) => useFilm.getState().work((d) => withSeen(d, who, what, value))}
            />
            <PlanDone
                measured={measured}
                snap={snap}
                man={man}
                onMan={grading.setMan}
                onGrade={grading.give}
                onConfirm={() => void saving.confirm()}
                onOthers={() => void saving.confirm(true)}
                faults={grading.faults}
                library={charting.library}
                onFault={grading.flip}
                flags={grading.flags}
                onFlag={grading.flag}
                marks={grading.marks}
                onPart={grading.part}
                remarks={
                    <>
                        <ByEye
                            man={man}
                            facts={charting.byEye[measured.groups[man]] ?? []}
                            document={document}
                            open={grading.saying === 'by eye'}
                            onOpen={(on) => grading.setSaying(on ? 'by eye' : null)}
                        />
                        <Remarks
                            snap={snap.id}
                            man={man}
                            men={measured.proposals.map((p) => p.man)}
                            remark={grading.remark}
                            onRemark={grading.say}
                            owners={charting.owners}
                            graded={snap.grades.some((g) => g.man === man)}
                            open={grading.saying === 'remark'}
                            onOpen={(on) => grading.setSaying(on ? 'remark' : null)}
                            onKeep={grading.keepRemark}
                        />
                    </>
                }
            />
        </>
    );
}
