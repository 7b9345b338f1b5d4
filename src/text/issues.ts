import type { Issue } from '@/core/kernel/outcome';

type Words = (d: Issue['details']) => string;

/** What the columns of a file of hours are called. */
export const WEATHER_COLUMNS: Readonly<Record<string, string>> = {
  tempC: 'air temperature',
  dewC: 'dew point',
  rh: 'humidity',
  pressurePa: 'air pressure',
  globalWM2: 'sun on level ground',
  windDeg: 'wind direction',
  windMS: 'wind speed',
  rainMm: 'rain',
};

const list = (value: Issue['details'][string] | undefined): string =>
  Array.isArray(value) ? value.join(', ') : String(value ?? '');

const WORDS: Readonly<Record<string, Words>> = {
  'length.empty': (d) => `Type a length, such as ${d.unit === 'in' ? '48 in' : `120 ${d.unit}`}.`,
  'length.negative': (d) => `"${d.typed}" is below zero. Type a length from 0 up.`,
  'length.twoSeparators': (d) =>
    `"${d.typed}" has two separators. Use one point or one comma: 2.1 m or 2,1 m.`,
  'length.unreadable': (d) =>
    `"${d.typed}" is not a length. Write it as ${d.unit === 'in' ? '6\' 10 1/2", 6-10 or 83 in' : '2.1 m or 210 cm'}; a number alone is read as ${d.unit}.`,
  'length.outOfRange': (d) => `That is outside what fits here: from ${d.least} to ${d.most}.`,
  'mass.empty': (d) => `Type a mass in ${d.unit}, or take the breed's.`,
  'mass.unreadable': (d) =>
    `"${d.typed}" is not a mass. Write it as ${d.unit === 'lb' ? '7 lb 1 oz or 7.1 lb' : '3.2 kg or 3200 g'}; a number alone is read as ${d.unit}.`,
  'mass.outOfRange': (d) => `A grown bird weighs from ${d.least} to ${d.most}.`,
  'count.unreadable': (d) => `"${d.typed}" is not a whole number from ${d.least} to ${d.most}.`,
  'number.unreadable': (d) => `"${d.typed}" is not a number. Write it as 4.5 or 4,5.`,
  'price.unreadable': (d) => `"${d.typed}" is not a price. Write it as 0.15, $0.15 or 15 kr.`,
  'amount.unreadable': (d) => `"${d.typed}" can't be read. Write it as ${d.example}.`,
  'number.comma': (d) =>
    `“${d.typed}”: is that ${d.point} or ${d.thousands}? Write ${d.asPoint} or ${d.asThousands}.`,
  'columns.comma': (d) =>
    `In “${d.typed}” the comma may be a decimal point (${d.point}) or part thousands (${d.thousands}), and no other number of the file says which.`,
  'section.unreadable': (d) => `"${d.typed}" is not a section. Write it as ${d.example}.`,
  'name.empty': () => 'Give it a name.',
  'name.long': (d) => `That name is too long: ${d.most} letters at most.`,
  'weather.file': (d) => `${d.file} can't be read: ${d.why}.`,
  'readings.none': () => 'There is no reading yet. Write one a line: time, inside, outdoors.',
  'readings.noTime': () =>
    'Its first row names no time. Call that column “time”, and write it as 2027-03-01 14:00.',
  'readings.lacks': (d) =>
    d.column === 'outC'
      ? 'It has no column for the temperature outdoors: without it nothing can be set beside it.'
      : 'It has no column for the temperature in the coop.',
  'readings.time': (d) => `Line ${d.line}: “${d.typed}” is no time. Write it as 2027-03-01 14:00.`,
  'readings.number': (d) => `Line ${d.line}: “${d.typed}” is no number.`,
  'readings.missing': (d) => `Line ${d.line} needs a temperature inside and one outdoors.`,
  'readings.range': (d) => `Line ${d.line} has a reading that can't be. Is it in another unit?`,
  'weather.tooLarge': (d) =>
    `It is ${d.megabytes} MB; a year of hours has 6 at most. Take out one year, and the columns of the weather alone.`,
  'weather.notKept': () =>
    'The server does not answer, so the hours could not be kept. Nothing was changed; try again.',
  'weather.notPacked': () => 'This is no year of hours as this program keeps it.',
  'weather.notEpw': () =>
    'This is not a file of hours as building programs write it: its first line should begin with LOCATION.',
  'weather.location': (d) =>
    `The first line has no latitude and longitude that can be: “${d.typed}”. They are its seventh and eighth part.`,
  'weather.zone': (d) =>
    `The time zone “${d.typed}” can't be. It is the ninth part of the first line: hours from Greenwich.`,
  'weather.halfHourly': (d) =>
    `It has ${d.rows} rows: two or more for each hour. Take out the file by the hour, one row for each.`,
  'weather.rows': (d) =>
    `It has ${d.rows} rows of hours. A year has 8760, a leap year 8784: take out a whole year.`,
  'weather.columns': (d) =>
    `Line ${d.line} has ${d.found} columns; ${d.needed} are needed. Is it cut off there?`,
  'weather.unreadable': (d) =>
    `Line ${d.line}: “${d.typed}” is no number (${WEATHER_COLUMNS[String(d.column)] ?? d.column}).`,
  'weather.value': (d) =>
    `Line ${d.line}: ${WEATHER_COLUMNS[String(d.column)] ?? d.column} is ${d.value}; it lies from ${d.least} to ${d.most}. Is it in another unit?`,
  'weather.order': (d) =>
    `Line ${d.line} is out of order: the days must run from 1 January to 31 December.`,
  'weather.gap': (d) =>
    `${d.hours} hours on end are missing from line ${d.line} on (${WEATHER_COLUMNS[String(d.column)] ?? d.column}). Up to 6 are filled in; take the year from a fuller source.`,
  'weather.lacks': (d) =>
    `It has no column for ${WEATHER_COLUMNS[String(d.column)] ?? d.column}. Warmth is needed, and humidity or dew point.`,
  'weather.noTime': () =>
    'Its first row names no time. Call that column “time”, and write it as 2027-03-01 14:00.',
  'weather.time': (d) => `Line ${d.line}: “${d.typed}” is no time. Write it as 2027-03-01 14:00.`,
  'rough.notJson': () => 'This is not JSON. Send birds, space and climate as an object.',
  'rough.answer': (d) => `This answer can't be taken: ${d.said}.`,
  'rough.day': (d) => `"${d.typed}" is not a day. Write it as 2027-03-01.`,
  'rough.birds.none': () => 'Say who lives there, such as 5 bantams.',
  'rough.birds.number': (d) => `How many are “${d.said}”? Write one number before the birds.`,
  'rough.birds.kind': (d) =>
    `What kind of bird is “${d.said}”? Name a breed, or say hens, bantams or ducks.`,
  'rough.birds.both': (d) => `“${d.said}” can't be read. Write a number and a kind: 9 Orpingtons.`,
  'rough.birds.tooMany': (d) => `“${d.said}”: write a number from 1 to 500.`,
  'rough.birds.age': (d) => `The age in “${d.said}” can't be read. Write it as 16 weeks old.`,
  'plan.nameTaken': (d) => `Another plan is called “${d.name}”. Give this one a name of its own.`,
  'plan.notJson': () => 'This file is not JSON. Choose a plan file that was saved from here.',
  'plan.notUtf8': () =>
    'This file is not UTF-8 text (it may be UTF-16, or no text at all). Save it as UTF-8, or take it out again.',
  'plan.rationOver': () =>
    'Scratch grain, scraps and seed are together more than all they eat. Make them a hundred or less.',
  'plan.brokenText': () =>
    'It has control characters or halves of characters. Type it again in plain letters.',
  'plan.notObject': () => 'This file holds no plan. Choose a plan file that was saved from here.',
  'plan.format': (d) =>
    `This is not a plan file: its "format" should be "${d.wanted}". Choose a file that was saved from here.`,
  'plan.laterVersion': (d) =>
    `This plan is of version ${d.version}; this program reads up to ${d.known}. Open it with a newer program.`,
  'plan.unknownKeys': (d) => `It has keys that a plan does not have: ${list(d.keys)}. Remove them.`,
  'plan.tooSmall': (d) =>
    d.of === 'string' ? 'Give it a name.' : `It is too small or too few: ${d.least} is the least.`,
  'plan.tooBig': (d) => `It is too large or too many: ${d.most} is the most.`,
  'plan.notOneOf': (d) => `It must be one of: ${list(d.allowed)}.`,
  'plan.type': (d) => `It is missing or of the wrong kind: ${d.expected} is needed.`,
  'plan.textFormat': (d) =>
    d.expected === 'date'
      ? 'It is not a date. Write it as 2027-04-15.'
      : 'It has characters that are not allowed there. Use letters, figures, - and _.',
  'plan.invalid': () => 'It does not have the shape that a plan has there.',
  'plan.duplicateId': (d) =>
    `The id "${d.id}" was used before (number ${Number(d.first) + 1}). Give each its own.`,
  'plan.tooManyBirds': (d) => `It has ${d.birds} birds; ${d.most} is the most.`,
  'plan.leavesBeforeArrival': (d) =>
    `It leaves before it has arrived (${d.arrives}). Set a later day.`,
  'plan.arrivesBeforeHatch': (d) =>
    `It arrives before it has hatched (${d.hatched}). Set a later day.`,
  'plan.flatRoofUneven': () => 'A flat roof has one height: make lowM and highM equal.',
  'plan.roofUpsideDown': (d) =>
    `The high side of the roof is lower than the low side (${d.low} m). Raise it.`,
  'plan.unknownTopic': (d) => `No rule can be chosen for that here. Known: ${list(d.known)}.`,
  'plan.ownField': (d) => `This has a field of its own in the plan: set ${d.field} instead.`,
  'plan.unknownSchool': (d) => `This program does not know that rule. Known: ${list(d.known)}.`,
  'plan.customOutOfRange': (d) => `The value must lie between ${d.least} and ${d.most}.`,
  'plan.noCustom': () => 'The rules of this topic differ in kind: choose one of them.',
  'plan.partitionOutside': (d) =>
    `The partition must stand between the walls: more than 0 and less than ${d.most} m.`,
  'plan.breedTaken': (d) => `The catalogue has a breed "${d.id}" already. Give yours another id.`,
  'plan.unknownBreed': (d) =>
    `This program knows no breed "${d.typed}". Choose one of the catalogue, or add it to ownBreeds.`,
  'plan.tooManyCocksKept': (d) =>
    `Half of the unsexed birds are taken for cocks: keep ${d.most} of them at most.`,
  'plan.normalsOrder': (d) =>
    `Month ${d.month}: the mean must lie between the mean minimum and the mean maximum.`,
  'latitude.outOfRange': () => 'A latitude lies from −90 to 90; south is negative.',
  'altitude.outOfRange': () => 'An altitude lies from 450 m below the sea to 6,000 m above it.',
  'normals.empty': () =>
    'Paste twelve months from a spreadsheet: a row a month, with at least a minimum and a maximum.',
  'normals.notTwelve': (d) =>
    `Twelve months are needed; these ${d.rows} lines do not make twelve. Paste a row a month, or a column a month.`,
  'normals.noMinMax': () =>
    'A mean minimum and a mean maximum are needed for each month. Name the columns, or keep the order mean, minimum, maximum.',
  'normals.unreadable': (d) => `Month ${d.month}: "${d.typed}" is not a number.`,
  'plan.timeZone': (d) => `"${d.typed}" is not a time zone. Write one such as Europe/London.`,
};

/** An issue as one sentence that says what is wrong and what to do, without its path. */
export function issueText(issue: Issue): string {
  const words = WORDS[issue.code];
  if (!words) throw new Error(`no words for the issue ${issue.code}`);
  return words(issue.details);
}

/** Where an issue stands, as in the file: fixtures[2].lipZ */
export const issuePath = (issue: Issue): string =>
  issue.path.reduce<string>(
    (path, key) =>
      typeof key === 'number' ? `${path}[${key}]` : path === '' ? key : `${path}.${key}`,
    '',
  );

/** Path and sentence, for the shell and for a list of what is wrong with a file. */
export function issueLine(issue: Issue): string {
  const path = issuePath(issue);
  return path === '' ? issueText(issue) : `${path}: ${issueText(issue)}`;
}
