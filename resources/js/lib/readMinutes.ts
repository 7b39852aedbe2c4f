/**
 * A length of time as people write it, in minutes: "90", "45 min", "1 h", "1h 30", "1:30", "1.5 h", "half an hour". What is none comes
 * back as it was written, for the server to refuse.
 */
export function readMinutes(written: string): string {
    const said = written.trim().toLowerCase().replace(',', '.');
    const [, hours = '', rest = ''] =
        /^(\d{1,3}(?:\.\d{1,2})?) ?(?:h|hrs?|hours?)(?: ?(?:and )?(\d{1,2}) ?(?:m|min|mins|minutes)?)?$/.exec(said) ?? [];
    const [, clockHours = '', clockRest = ''] = /^(\d{1,3}):([0-5]\d)$/.exec(said) ?? [];
    const [, minutes = ''] = /^(\d{1,6}) ?(?:m|min|mins|minutes?)?$/.exec(said) ?? [];

    if (hours !== '') {
        return String(Math.round(Number(hours) * 60) + Number(rest));
    }

    if (clockHours !== '') {
        return String(Number(clockHours) * 60 + Number(clockRest));
    }

    return minutes !== '' ? String(Number(minutes)) : said === 'half an hour' ? '30' : said === 'an hour' ? '60' : written;
}
