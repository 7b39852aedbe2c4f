/** The weekdays by the names under which they are stored, from Monday on. */
export const weekdays = [
    { value: 'monday', short: 'Mon' },
    { value: 'tuesday', short: 'Tue' },
    { value: 'wednesday', short: 'Wed' },
    { value: 'thursday', short: 'Thu' },
    { value: 'friday', short: 'Fri' },
    { value: 'saturday', short: 'Sat' },
    { value: 'sunday', short: 'Sun' },
];
