package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.civitane.core.programme.legalhelp.LegalHelpCase.Screens;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Value;

/**
 * What cannot wait (chapter, Urgent).
 *
 * @param urgentFor what applies, in its order
 * @param firstDate the earliest date that makes it urgent
 */
record Urgency(List<Reason> urgentFor, Optional<LocalDate> firstDate) {
    /** Why it is urgent. */
    enum Reason {
        DANGER,
        DETAINED,
        SERVED,
        DEADLINE,
        HEARING,
        EVICTION
    }

    static Urgency of(Screens screens, LocalDate handedInOn, LocalDate last) {
        List<Reason> urgentFor = new ArrayList<>();
        List<LocalDate> dates = new ArrayList<>();
        add(screens.danger(), Reason.DANGER, urgentFor);
        add(screens.detained(), Reason.DETAINED, urgentFor);
        add(screens.served(), Reason.SERVED, urgentFor);
        record Dated(Reason reason, Optional<LocalDate> on) {}
        List.of(
                        new Dated(Reason.DEADLINE, screens.deadlineOn()),
                        new Dated(Reason.HEARING, screens.hearingOn()),
                        new Dated(Reason.EVICTION, screens.evictionOn()))
                .forEach(each -> each.on()
                        .filter(on -> !on.isBefore(handedInOn) && !on.isAfter(last))
                        .ifPresent(on -> {
                            urgentFor.add(each.reason());
                            dates.add(on);
                        }));
        return new Urgency(List.copyOf(urgentFor), dates.stream().min(Comparator.naturalOrder()));
    }

    private static void add(boolean applies, Reason reason, List<Reason> urgentFor) {
        if (applies) {
            urgentFor.add(reason);
        }
    }

    boolean isUrgent() {
        return !urgentFor.isEmpty();
    }

    Figures figures() {
        Figures figures = Figures.NONE.with(
                "urgentFor", new Value.Row(urgentFor.stream().map(Value::of).toList()));
        return firstDate.isPresent() ? figures.with("firstDate", Value.of(firstDate.get())) : figures;
    }
}
