// Reads an iCalendar from standard input with another reader than the one that wrote it, and prints its events as JSON, times in universal time.
import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';

const calendar = new ICAL.Component(ICAL.parse(readFileSync(0, 'utf8')));
for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
const utc = (time) => (time.isDate ? time.toString() : time.convertToZone(ICAL.Timezone.utcTimezone).toString());
const events = calendar.getAllSubcomponents('vevent').map((one) => {
    const event = new ICAL.Event(one);
    return {
        uid: event.uid, title: event.summary, number: event.sequence, status: one.getFirstPropertyValue('status'),
        from: utc(event.startDate), to: utc(event.endDate), isDay: event.startDate.isDate,
    };
});
process.stdout.write(JSON.stringify(events));
