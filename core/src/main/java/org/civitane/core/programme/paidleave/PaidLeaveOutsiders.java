package org.civitane.core.programme.paidleave;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.civitane.core.programme.Outsider;
import org.civitane.core.question.Question;
import org.civitane.core.question.Question.Widget;

/** Whom a leave asks: the employer, who learns neither reason nor care provider but the days, and the care provider, who learns neither employer nor pay. */
final class PaidLeaveOutsiders {
    private static final int DAYS = 10;
    private static final List<Integer> REMINDED_AFTER = List.of(4, 8);

    private static final Outsider EMPLOYER = new Outsider(
            "employer",
            "employer",
            "name",
            Map.of("start", "start", "end", "end"),
            List.of(
                    Question.of("job", Widget.TEXT),
                    PaidLeaveForm.hoursOfEachWeekday(),
                    Question.of("toldOn", Widget.DATE).optional(),
                    Question.of("topUp", Widget.AMOUNT).optional()),
            Optional.empty(),
            Map.of("schedule", "schedule", "toldOn", "notice/on"),
            Map.of(),
            "askedOn",
            Optional.empty(),
            DAYS,
            REMINDED_AFTER);

    private static final Outsider CARE_PROVIDER = new Outsider(
            "care-provider",
            "careProvider",
            "name",
            Map.of(),
            List.of(
                    Question.choice("needed", PaidLeaveCase.CareProvider.Needed.class),
                    Question.of("from", Widget.DATE).onlyWhen("needed", "YES"),
                    Question.of("until", Widget.DATE).onlyWhen("needed", "YES"),
                    Question.of("careHours", Widget.HOURS).optional().onlyWhen("needed", "YES"),
                    Question.of("often", Widget.TEXT).optional().onlyWhen("needed", "YES")),
            Optional.empty(),
            Map.of("from", "start", "until", "end"),
            Map.of(),
            "askedOn",
            Optional.empty(),
            DAYS,
            REMINDED_AFTER);

    static final List<Outsider> ALL = List.of(EMPLOYER, CARE_PROVIDER);

    private PaidLeaveOutsiders() {}
}
