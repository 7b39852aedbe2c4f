/** A time zone as it is read: "America/New York". */
export const zoneWords = (zone: string) => zone.replaceAll('_', ' ');

/** Time zones as the options of a choice. */
export const zoneOptions = (zones: readonly string[]) => zones.map((zone) => ({ value: zone, label: zoneWords(zone) }));
