/* OpenCV's loader assigns to a global of this name, which a module may not make by assignment alone: it must be there before. */
(globalThis as unknown as { Module: object }).Module = {};

export {};
