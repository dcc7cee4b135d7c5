import type { Filter } from '../api/numberTypes';

/** A filter as a query of the API. */
export const query = (filter: Filter): string =>
    Object.entries(filter)
        .flatMap(([k, v]) =>
            (Array.isArray(v) ? v : [v]).map(
                (one) => `filter[${k}]${Array.isArray(v) ? '[]' : ''}=${encodeURIComponent(String(one))}`,
            ),
        )
        .join('&');
