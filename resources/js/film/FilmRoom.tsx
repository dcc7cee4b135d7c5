export function FilmRoom() { return null; }
