/** What has to be seen: a kind of defender doing one of some acts, or so many men in the box. */
export type NeedSaid = { kind: string; acts: string[]; box: number | null; times: number };

export type TriggerSaid = {
    name: string;
    /** Families of our calls it is looked for on; none for any. */
    on: string[];
    needs: NeedSaid[];
    /** One of the needs is enough. */
    any: boolean;
    then: string[];
    why: string;
    formation: string | null;
    /** How many of the latest snaps of a picture count; null for the whole game. */
    within: number | null;
};

export type OwnTrigger = { id: string; version: number; document: TriggerSaid; needs: string[] };

export type TriggerLists = {
    triggers: OwnTrigger[];
    /** Names of those that ship. */
    ships: string[];
    kinds: string[];
    acts: string[];
    families: string[];
    formations: string[];
};
