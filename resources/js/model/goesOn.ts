/** How long an upload that broke waits each time before it goes on by itself, seconds: about half an hour in all. */
export const WAITS_S = [0, 1, 3, 5, 10, 20, ...Array.from({ length: 60 }, () => 30)];

/** No room on the server: that is for the coordinator to cure, and not for the line. */
const NO_ROOM = 507;

/** Answers to a request that came at the wrong moment. */
const BUSY = [409, 423, 429];

/** Whether the same request may be answered better later: no answer (0), a busy server or its trouble; no refusal. */
export const goesOn = (status: number): boolean =>
    status < 400 || BUSY.includes(status) || (status >= 500 && status !== NO_ROOM);
