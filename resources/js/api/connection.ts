import { create } from 'zustand';

/** Whether the last thing sent got an answer from the server. */
export const useConnection = create<{ lost: boolean }>(() => ({ lost: false }));

export function answered(lost: boolean) {
    if (useConnection.getState().lost !== lost) useConnection.setState({ lost });
}
