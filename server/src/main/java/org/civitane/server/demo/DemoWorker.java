package org.civitane.server.demo;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.TemporalAdjusters;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.civitane.core.person.PersonNumber;
import org.civitane.server.platform.JsonColumn;
import tools.jackson.databind.node.ObjectNode;

/** An invented person who takes paid leave. */
record DemoWorker(String given, String family, LocalDate born, int daysAgo, int monthly, Turn turn) {
    static final String PROGRAMME = "paid-leave";
    static final String EMPLOYER = "Skerry Ferries";

    private static final long FIRST_NUMBER = 4_200_000_000L;
    /** As far back as the quarters that count can lie. */
    private static final int MONTHS = 18;

    /** How they are away, and how far their claim is. */
    enum Turn {
        /** Two weeks for their own health; nobody has it yet. */
        NEW,
        /** Half the hours for a relative's care, topped up by the employer. */
        FEWER_HOURS,
        /** On single days, and the employer was told late. */
        NOW_AND_THEN,
        /** More weeks than a year has. */
        LONG,
        EARNED_LITTLE,
        /** A new child; the first weeks are paid. */
        DECIDED,
        /** On single days, told week by week since it was decided. */
        TELLS_HOURS,
        /** The same person once more, for more weeks than that has left of the year. */
        AGAIN,
        /** The same person once more, when an earlier leave has used all of the year. */
        USED_UP;

        boolean isTaken() {
            return this != NEW;
        }

        boolean isDecided() {
            return this == DECIDED || this == TELLS_HOURS;
        }
    }

    static final List<DemoWorker> ALL = List.of(
            new DemoWorker("Maren", "Ostergren", LocalDate.of(1987, 5, 12), 1, 2150, Turn.NEW),
            new DemoWorker("Duarte", "Melby", LocalDate.of(1979, 2, 3), 4, 3050, Turn.FEWER_HOURS),
            new DemoWorker("Solveig", "Pacheco", LocalDate.of(1993, 10, 27), 5, 1890, Turn.NOW_AND_THEN),
            new DemoWorker("Henrik", "Toledal", LocalDate.of(1968, 7, 19), 3, 2740, Turn.LONG),
            new DemoWorker("Inês", "Rasmunde", LocalDate.of(2003, 12, 8), 6, 160, Turn.EARNED_LITTLE),
            new DemoWorker("Tuva", "Camacho", LocalDate.of(1991, 3, 30), 20, 2480, Turn.DECIDED),
            new DemoWorker("Runar", "Valadares", LocalDate.of(1984, 9, 6), 30, 2310, Turn.TELLS_HOURS),
            new DemoWorker("Tuva", "Camacho", LocalDate.of(1991, 3, 30), 2, 2480, Turn.AGAIN),
            new DemoWorker("Henrik", "Toledal", LocalDate.of(1968, 7, 19), 1, 2740, Turn.USED_UP));

    String fullName() {
        return given + " " + family;
    }

    String email() {
        return (given + "." + family + "@post.example").toLowerCase(Locale.ROOT).replace("ê", "e");
    }

    /** Under which the civil register knows them. */
    String personNumber() {
        String digits = String.valueOf(FIRST_NUMBER + 6_543_217L * ALL.indexOf(first()));
        return digits + PersonNumber.checkDigit(digits);
    }

    /** Whether they are here for the first time. */
    boolean isNew() {
        return first() == this;
    }

    private DemoWorker first() {
        return ALL.stream()
                .filter(worker -> worker.fullName().equals(fullName()))
                .findFirst()
                .orElseThrow();
    }

    /** Who reported their wages: for one of them somebody else than they name. */
    String reportedBy() {
        return turn == Turn.EARNED_LITTLE ? "Eastfold Nurseries" : EMPLOYER;
    }

    /** The months for which their employer has reported wages. */
    List<YearMonth> reported(LocalDate today) {
        YearMonth now = YearMonth.from(today);
        return IntStream.rangeClosed(1, MONTHS).mapToObj(now::minusMonths).toList();
    }

    /** @param day the day on which they apply */
    ObjectNode answers(LocalDate day) {
        ObjectNode answers = JsonColumn.object();
        answers.putObject("contact")
                .put("personNumber", personNumber())
                .put("mayEmail", true)
                .put("mayText", true)
                .put("mayCall", true)
                .put("street", "Skerry Lane")
                .put("houseNumber", String.valueOf(20 + ALL.indexOf(this)))
                .put("postCode", "2110");
        answers.putArray("members")
                .addObject()
                .put("id", "m1")
                .put("givenName", given)
                .put("familyName", family)
                .put("dateOfBirth", born.toString())
                .put("relationship", "SELF");
        ObjectNode schedule = answers.putObject("schedule");
        for (int weekday = 1; weekday <= 5; weekday++) {
            schedule.put(String.valueOf(weekday), weekday == 5 ? "5.5" : "8");
        }
        leave(answers, day);
        answers.putObject("employer").put("name", EMPLOYER);
        ObjectNode reach = answers.putObject("reach");
        reach.putObject("employer").put("email", "crew.office@skerry-ferries.example");
        if (isForCare()) {
            answers.putObject("careProvider").put("name", "Tarn Practice");
            reach.putObject("care-provider").put("email", "desk@tarn-practice.example");
        }
        return answers;
    }

    private boolean isForCare() {
        return reason().equals("OWN_HEALTH") || reason().equals("FAMILY_CARE");
    }

    /** What whom they ask answers, by who it is; nobody where they are silent. */
    Map<String, Map<String, String>> othersSay(LocalDate day) {
        return switch (turn) {
            case NEW, EARNED_LITTLE, AGAIN, USED_UP -> Map.of();
            case FEWER_HOURS -> Map.of("employer", employerSays(day, "380.00"), "care-provider", certified(day, 4));
            case NOW_AND_THEN -> Map.of("employer", contradicting(day), "care-provider", certified(day, 2));
            case LONG -> Map.of("employer", employerSays(day, ""), "care-provider", certified(day, 20));
            case DECIDED -> Map.of("employer", employerSays(day, ""));
            case TELLS_HOURS -> {
                Map<String, String> provider = new HashMap<>(certified(day, weeks()));
                provider.put("careHours", "8");
                yield Map.of("employer", employerSays(day, ""), "care-provider", provider);
            }
        };
    }

    private Map<String, String> employerSays(LocalDate day, String topUp) {
        Map<String, String> said =
                new HashMap<>(Map.of("job", "Deckhand", "toldOn", told(day).toString()));
        for (int weekday = 1; weekday <= 5; weekday++) {
            said.put("schedule/" + weekday, weekday == 5 ? "5.5" : "8");
        }
        if (!topUp.isEmpty()) {
            said.put("topUp", topUp);
        }
        return said;
    }

    /** They learned of it later, and have fewer hours on Fridays. */
    private Map<String, String> contradicting(LocalDate day) {
        Map<String, String> said = employerSays(day, "");
        said.put("schedule/5", "3");
        said.put("toldOn", day.plusDays(1).toString());
        return said;
    }

    private Map<String, String> certified(LocalDate day, int weeks) {
        return Map.of(
                "needed", "YES",
                "from", start(day).toString(),
                "until", start(day).plusWeeks(weeks).minusDays(1).toString());
    }

    /** The Monday of the first week. */
    LocalDate start(LocalDate day) {
        return day.plusDays(turn.isDecided() ? 0 : turn == Turn.USED_UP ? 182 : 14)
                .with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY));
    }

    private LocalDate told(LocalDate day) {
        return turn == Turn.NOW_AND_THEN || turn == Turn.USED_UP
                ? day
                : start(day).minusDays(40);
    }

    private void leave(ObjectNode answers, LocalDate day) {
        LocalDate start = start(day);
        answers.put("start", start.toString())
                .put("reason", reason())
                .put("pattern", pattern())
                .put("end", start.plusWeeks(weeks()).minusDays(1).toString());
        answers.putObject("notice").put("on", told(day).toString()).put("emergency", false);
        switch (turn) {
            case FEWER_HOURS -> {
                answers.put("reducedHoursPerWeek", "20");
                answers.putArray("otherIncome")
                        .addObject()
                        .put("kind", "EMPLOYER_TOP_UP")
                        .put("weeklyAmount", "380.00")
                        .put("from", start.toString())
                        .put("to", start.plusWeeks(2).minusDays(1).toString());
            }
            case NOW_AND_THEN, TELLS_HOURS -> {
                for (int week = 0; week < weeks(); week++) {
                    answers.withArray("absences")
                            .addObject()
                            .put("date", start.plusWeeks(week).plusDays(2).toString())
                            .put("hours", turn == Turn.NOW_AND_THEN && week == 1 ? "4.25" : "8");
                }
            }
            case DECIDED -> answers.putObject("withhold").put("national", true).put("regional", false);
            case NEW, LONG, EARNED_LITTLE, AGAIN, USED_UP -> {}
        }
    }

    private int weeks() {
        return switch (turn) {
            case LONG -> 20;
            case AGAIN -> 12;
            case USED_UP -> 2;
            case TELLS_HOURS -> 9;
            case NEW, FEWER_HOURS, NOW_AND_THEN, EARNED_LITTLE, DECIDED -> 4;
        };
    }

    private String reason() {
        return switch (turn) {
            case NEW, LONG, USED_UP -> "OWN_HEALTH";
            case FEWER_HOURS, NOW_AND_THEN, TELLS_HOURS -> "FAMILY_CARE";
            case DECIDED, AGAIN -> "NEW_CHILD";
            case EARNED_LITTLE -> "SAFETY";
        };
    }

    private String pattern() {
        return switch (turn) {
            case FEWER_HOURS -> "REDUCED";
            case NOW_AND_THEN, TELLS_HOURS -> "INTERMITTENT";
            case NEW, LONG, EARNED_LITTLE, DECIDED, AGAIN, USED_UP -> "CONTINUOUS";
        };
    }
}
