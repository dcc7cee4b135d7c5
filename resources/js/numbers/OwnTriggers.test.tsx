// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import type { OwnTrigger, TriggerLists, TriggerSaid } from '../api/ownTriggerTypes';
import { eachItsOwn, house, refusal, serve } from '../test/house';
import { OwnTriggers, sentence } from './OwnTriggers';

const said = (change: Partial<TriggerSaid> = {}): TriggerSaid => ({
    name: 'Their corner sinks',
    on: [],
    needs: [{ kind: 'corner', acts: ['sinks'], box: null, times: 2 }],
    any: false,
    ...{ then: ['smash'] },
    why: '',
    formation: null,
    within: null,
    ...change,
});
const own = (change: Partial<TriggerSaid> = {}, needs = ['corner sinks']): OwnTrigger => ({
    id: '7',
    version: 3,
    document: said(change),
    needs,
});
const lists = (triggers: OwnTrigger[] = []): TriggerLists => ({
    triggers,
    ships: ['Nine within ten yards'],
    kinds: ['', 'safety', 'corner'],
    acts: ['sinks', 'triggers'],
    families: ['smash', 'stick'],
    formations: ['gun 2x2 right', 'I right'],
});

describe("the staff's own triggers", () => {
    eachItsOwn();

    it.each<[string, OwnTrigger]>([
        ['If corner sinks twice, then smash.', own()],
        [
            'If corner sinks once on stick from I right in the last 6 snaps, then smash or stick.',
            own({
                needs: [{ kind: 'corner', acts: ['sinks'], box: null, times: 1 }],
                on: ['stick'],
                formation: 'I right',
                within: 6,
                ...{ then: ['smash', 'stick'] },
            }),
        ],
        [
            'If 8 men in the box 3 times or safety triggers once, then smash.',
            own(
                {
                    any: true,
                    needs: [
                        { kind: '', acts: [], box: 8, times: 3 },
                        { kind: 'safety', acts: ['triggers'], box: null, times: 1 },
                    ],
                },
                ['8 men in the box', 'safety triggers'],
            ),
        ],
    ])('is said in a sentence: %s', (words, trigger) => expect(sentence(trigger)).toBe(words));

    it('puts one together from the lists and keeps it', async () => {
        const server = serve({ 'GET triggers': lists(), 'POST triggers': own() });
        house(<OwnTriggers />);
        expect(await screen.findByText(/1 ship: nine within ten yards/)).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'New trigger' }));
        await userEvent.type(screen.getByLabelText('Name'), 'Sinks');
        await userEvent.selectOptions(screen.getByLabelText('If: does what'), 'sinks');
        await userEvent.click(screen.getByRole('button', { name: '+ something else' }));
        await userEvent.selectOptions(screen.getByLabelText('And: who'), 'men in the box');
        await userEvent.click(screen.getByLabelText('one is enough'));
        await userEvent.selectOptions(screen.getByLabelText('On'), 'stick');
        await userEvent.selectOptions(screen.getByLabelText('From'), 'I right');
        await userEvent.type(screen.getByLabelText('Within how many snaps of a picture'), '6');
        await userEvent.selectOptions(screen.getByLabelText('Then'), 'smash');
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        await waitFor(() => expect(server.to('POST triggers')).toHaveLength(1));
        expect(server.to('POST triggers')[0].body).toEqual({
            ...said({ name: 'Sinks', on: ['stick'], any: true, formation: 'I right', within: 6 }),
            needs: [
                { kind: 'corner', acts: ['sinks'], box: null, times: 2 },
                { kind: '', acts: [], box: 8, times: 1 },
            ],
        });
        await waitFor(() => expect(screen.queryByRole('button', { name: 'Keep' })).toBeNull());
    });

    it('changes one on its version, and leaves it open when it is refused', async () => {
        const server = serve({
            'GET triggers': lists([own()]),
            'PUT triggers/7': refusal(422, 'It can never come: 2 times are wanted in the last 1 snaps.'),
        });
        house(<OwnTriggers />);
        await userEvent.click(await screen.findByRole('button', { name: 'Change Their corner sinks' }));
        await userEvent.type(screen.getByLabelText('Within how many snaps of a picture'), '1');
        await userEvent.click(screen.getByRole('button', { name: 'Keep' }));
        await waitFor(() => expect(server.to('PUT triggers/7')).toHaveLength(1));
        expect(server.to('PUT triggers/7')[0].version).toBe('"3"');
        expect(await screen.findByText(/It can never come/)).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Keep' })).toBeTruthy();
    });

    it('takes out what was chosen, and throws one away', async () => {
        const server = serve({ 'GET triggers': lists([own({ on: ['stick'] })]), 'DELETE triggers/7': null });
        house(<OwnTriggers />);
        await userEvent.click(await screen.findByRole('button', { name: 'Change Their corner sinks' }));
        await userEvent.click(screen.getByRole('button', { name: 'On: take out stick' }));
        expect(within(screen.getByLabelText('On')).getByText('any call')).toBeTruthy();
        await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }));
        await waitFor(() => expect(server.to('DELETE triggers/7')).toHaveLength(1));
    });
});
