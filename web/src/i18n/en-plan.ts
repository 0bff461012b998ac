/** Days that are painted on a calendar, and what they come to. */
export const enPlan = {
  plan: {
    title: 'Calendar',
    paintSpan: 'Paint from the first day to the last',
    paintDays: 'Paint single days',
    howSpan: 'Press the first day and then the last, or type them below. The figures follow.',
    howDays: 'Press each day; press it again to take it out. Its hours can be changed below.',
    earlier: 'Earlier months',
    later: 'Later months',
    hours: '{{hours}} h',
    holiday: 'public holiday',
    week: 'Week from',
    away: 'Away',
    paid: 'Paid',
    unpaid: 'not known yet',
    sent: 'sent {{day}}',
    inYear: 'When in the year',
    weekByWeek: 'How much of the {{weeks}} weeks',
    piece: '{{label}}: {{weeks}} weeks, from {{from}}',
    left: '{{weeks}} weeks left',
  },
  days: {
    title: 'The days you are away',
    intro:
      'Something has changed? Say the days of {{number}} anew. We decide on the new ones; your caseworker sees both.',
    over: 'The days of {{number}} are decided. Write to us if something has changed.',
    before: 'As you said them before',
    now: 'As they are now',
    save: 'Say these days',
    saved: 'Saved. We decide on these days.',
  },
};
