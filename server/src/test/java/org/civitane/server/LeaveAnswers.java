package org.civitane.server;

import java.time.LocalDate;
import tools.jackson.databind.node.ObjectNode;

/** What a worker says who is away for their own health, forty hours a week. */
final class LeaveAnswers {
    private LeaveAnswers() {}

    /** @param answers of a household, whose applicant takes the leave @param told when the employer was told */
    static ObjectNode of(ObjectNode answers, LocalDate start, int weeks, LocalDate told) {
        answers.remove("incomes");
        answers.withArray("members").remove(1);
        ((ObjectNode) answers.path("members").path(0)).remove("pupil");
        answers.put("reason", "OWN_HEALTH").put("pattern", "CONTINUOUS");
        answers.put("start", start.toString())
                .put("end", start.plusWeeks(weeks).minusDays(1).toString());
        ObjectNode schedule = answers.putObject("schedule");
        for (int day = 1; day <= 5; day++) {
            schedule.put(String.valueOf(day), "8");
        }
        answers.putObject("notice").put("on", told.toString()).put("emergency", false);
        return answers;
    }

    /** The same now and then: eight hours on each Tuesday, with a practice that is asked. */
    static ObjectNode onTuesdays(ObjectNode answers, LocalDate monday, int weeks, LocalDate told, String practice) {
        of(answers, monday, weeks, told).put("pattern", "INTERMITTENT");
        answers.putObject("careProvider").put("name", "Tarn Practice");
        answers.putObject("reach").putObject("care-provider").put("email", practice);
        for (int week = 0; week < weeks; week++) {
            answers.withArray("absences")
                    .addObject()
                    .put("date", monday.plusWeeks(week).plusDays(1).toString())
                    .put("hours", "8");
        }
        return answers;
    }
}
