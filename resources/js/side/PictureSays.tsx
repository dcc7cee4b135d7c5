import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { PressureRow, ProofReport } from '../api/types';
import { capital } from '../ui/words';
import { useLetters } from '../api/useLetters';

/** Everything the picture says before the snap and at it, each with its why. */
export function PictureSays({ report, pressures }: { report: ProofReport; pressures: PressureRow[] | null }) {
    const p = report.picture;
    const letters = useLetters();
    const list = (men: string[]) => men.map(letters).join(' ') || 'nobody';
    const before = p.before as { receivers: { left: string[]; right: string[] }; strength: string } | null;
    const gaps = Object.entries(p.gaps);
    return (
        <div className="space-y-3 px-4 py-3 text-[13px]">
            <Group title="Middle and box">
                <Row name="Middle">
                    {p.middle === p.middleAfterSnap
                        ? p.middle
                        : `${p.middle} before the snap, ${p.middleAfterSnap} after it`}
                    {p.deep > 2 && <span className="text-soft"> ({p.deep} deep)</span>}
                </Row>
                <Row name="Box">{p.boxWords}</Row>
                {p.extraHat && <Row name="Extra hat">the {p.extraHat}, the quarterback’s</Row>}
                <Row name="Within ten">
                    {p.within10} defenders{p.playActionReady && ' with press: have the play-action ready'}
                </Row>
                <Row name="Protection">{report.protection}</Row>
            </Group>
            <Group title="Who is free against each pressure">
                {pressures === null ? (
                    <p className="text-soft">Sending them one by one…</p>
                ) : (
                    pressures.map((r) => (
                        <Row key={r.pressure} name={r.pressure}>
                            {r.rushers} against {r.protectors}:{' '}
                            {r.free ? (
                                <b className={r.protection === 'free' ? 'text-ball' : 'text-amber'}>
                                    {r.free} free from the {r.side} at {r.arrivalAt?.toFixed(1)} s
                                    {r.hot ? `, hot ${letters(r.hot)}` : ', nobody hot'}
                                </b>
                            ) : (
                                'picked up'
                            )}
                        </Row>
                    ))
                )}
            </Group>
            <Group title="Receivers from the sideline in">
                <Row name="Left">{list(p.receivers.left)}</Row>
                <Row name="Right">{list(p.receivers.right)}</Row>
                {p.receivers.final && (
                    <Row name="Released">
                        {list(p.receivers.final.left)} left, {list(p.receivers.final.right)} right
                    </Row>
                )}
                {before && (
                    <Row name="Before it">
                        {list(before.receivers.left)} left, {list(before.receivers.right)} right; {before.strength}{' '}
                        strong
                    </Row>
                )}
                <Row name="Strength">
                    passing {p.strength}, front {p.frontStrength}
                </Row>
                <Row name="Personnel">{p.personnel}</Row>
            </Group>
            <Group title="The quick throw outside">
                {(['left', 'right'] as const).map((side) => (
                    <Row key={side} name={capital(side)}>
                        <b className={p.outside[side].yes ? 'text-open' : 'text-soft'}>
                            {p.outside[side].yes ? 'yes' : 'no'}
                        </b>
                        . {p.outside[side].why}
                    </Row>
                ))}
            </Group>
            <Group title="Edges">
                {(['left', 'right'] as const).map((side) => (
                    <Row key={side} name={capital(side)}>
                        last on the line {p.emol[side] ?? 'nobody'}; overhang {p.overhang[side] ?? 'nobody'}; support{' '}
                        {p.support[side] ?? 'nobody'}
                    </Row>
                ))}
            </Group>
            <Group title="The line">
                {p.outflanked.length > 0 && <Row name="Outflanked">{p.outflanked.join(', ')}: the side to run</Row>}
                {p.extraBlocker && (
                    <Row name="Extra man">
                        one blocker more on the {p.extraBlocker}: the corner or the free safety, whichever hangs there
                    </Row>
                )}
                <Row name="Covered">{p.covered.map(letters).join(' ') || 'nobody'}</Row>
                <Row name="Uncovered">{p.uncovered.join(' ') || 'nobody'}</Row>
                <Row name="Point">{p.point ?? 'nobody to point out'}</Row>
                <div className="mt-1 flex gap-px" role="list" aria-label="Gaps from left to right">
                    {gaps.map(([gap, role]) => (
                        <span
                            key={gap}
                            role="listitem"
                            title={`${gap}: ${role ?? 'open'}`}
                            className={clsx(
                                'min-w-0 flex-1 truncate border border-edge px-0.5 text-center text-[10.5px] leading-tight narrow',
                                role === null ? 'bg-ball-wash font-bold text-ball' : 'bg-card',
                            )}
                        >
                            <b className="block text-[12px]">{gap.at(-1)}</b>
                            {role === null ? 'open' : short(role)}
                        </span>
                    ))}
                </div>
            </Group>
            <Group title="Man or zone">
                {(['left', 'right'] as const).map((side) => (
                    <Row key={side} name={capital(side)}>
                        {p.tells[side].coverage}
                        {p.tells[side].certainty !== 'none' && `, ${p.tells[side].certainty}`}. {p.tells[side].why}
                    </Row>
                ))}
                {p.tells.known && <Row name="Known">{p.tells.known}</Row>}
                {p.mismatches.map((m) => (
                    <Row key={m.man} name="Mismatch">
                        {m.why}
                    </Row>
                ))}
            </Group>
        </div>
    );
}

const short = (role: string): string =>
    role
        .split(' ')
        .map((w) => (w === 'left' || w === 'right' ? '' : w))
        .join(' ')
        .trim();

function Group({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section>
            <h3 className="label mb-0.5 border-b border-faint">{title}</h3>
            <dl>{children}</dl>
        </section>
    );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
    return (
        <div className="grid grid-cols-[72px_1fr] gap-x-2 py-px">
            <dt className="text-soft">{name}</dt>
            <dd className="font-medium">{children}</dd>
        </div>
    );
}
