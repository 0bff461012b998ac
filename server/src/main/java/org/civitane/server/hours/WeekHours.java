package org.civitane.server.hours;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.civitane.core.programme.OnlineForm;
import org.civitane.core.question.PaintedDays;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The hours of single days in case files, by the names that a programme's form has for them. */
final class WeekHours {
    private static final int MOST_DECIMALS = 2;

    private final PaintedDays painted;

    private WeekHours(PaintedDays painted) {
        this.painted = painted;
    }

    /** @throws Problem when the claim is not about days */
    static WeekHours of(ClaimView claim) {
        return Claims.programmeOf(claim)
                .form()
                .flatMap(OnlineForm::painted)
                .map(WeekHours::new)
                .orElseThrow(() -> Problem.conflict("no-days", Phrase.of("problem.no-days")));
    }

    /** The fact that lists them. */
    String rows() {
        return painted.rows();
    }

    /** The hours of a week as a case file has them, by day, those of one day together. */
    Map<LocalDate, BigDecimal> in(JsonNode file, LocalDate monday) {
        Map<LocalDate, BigDecimal> hours = new TreeMap<>();
        for (JsonNode row : file.path(painted.rows())) {
            LocalDate day = LocalDate.parse(row.path(painted.day()).asString());
            if (isIn(day, monday)) {
                hours.merge(day, new BigDecimal(row.path(painted.hours()).asString()), BigDecimal::add);
            }
        }
        return hours;
    }

    /** The usual hours of a day; none where nothing is usual. */
    BigDecimal usual(JsonNode file, LocalDate day) {
        String hours = file.path(painted.schedule())
                .path(String.valueOf(day.getDayOfWeek().getValue()))
                .asString("0");
        return new BigDecimal(hours);
    }

    /** The days of a week on which something can be missed: usual ones within the span. */
    List<LocalDate> days(JsonNode file, LocalDate monday) {
        LocalDate from = LocalDate.parse(file.path(painted.from()).asString());
        LocalDate to = LocalDate.parse(file.path(painted.to()).asString());
        return monday.datesUntil(monday.plusWeeks(1))
                .filter(day -> !day.isBefore(from) && !day.isAfter(to))
                .filter(day -> usual(file, day).signum() > 0)
                .toList();
    }

    /**
     * Reads what was told.
     *
     * @throws Problem at a day that is none of the week's, or hours that are none or more than there are on it
     */
    Map<LocalDate, String> read(Map<String, String> told, JsonNode file, LocalDate monday) {
        List<LocalDate> days = days(file, monday);
        Map<LocalDate, String> hours = new TreeMap<>();
        told.forEach((day, text) -> {
            LocalDate date = days.stream()
                    .filter(each -> each.toString().equals(day))
                    .findFirst()
                    .orElseThrow(() -> Problem.invalid("hours", Phrase.of("problem.hours-day")));
            BigDecimal number = number(text, day);
            if (number.compareTo(usual(file, date)) > 0) {
                throw Problem.invalid(
                        "hours/" + day, Phrase.of("problem.hours-more", shown(usual(file, date)), Phrase.full(date)));
            }
            if (number.signum() > 0) {
                hours.put(date, shown(number));
            }
        });
        return hours;
    }

    private static BigDecimal number(String text, String day) {
        String typed = text.strip().replace(',', '.');
        if (typed.isEmpty()) {
            return BigDecimal.ZERO;
        }
        if (!typed.matches("[0-9]{1,2}(\\.[0-9]{1," + MOST_DECIMALS + "})?")) {
            throw Problem.invalid("hours/" + day, Phrase.of("problem.hours"));
        }
        return new BigDecimal(typed);
    }

    /** Puts the hours of a week in the place of those that a case file has of it. */
    void replace(ObjectNode file, LocalDate monday, Map<LocalDate, String> hours) {
        List<JsonNode> others = new ArrayList<>();
        for (JsonNode row : file.path(painted.rows())) {
            if (!isIn(LocalDate.parse(row.path(painted.day()).asString()), monday)) {
                others.add(row.deepCopy());
            }
        }
        ArrayNode rows = file.putArray(painted.rows());
        others.forEach(rows::add);
        hours.forEach((day, text) ->
                rows.addObject().put(painted.day(), day.toString()).put(painted.hours(), text));
    }

    /** All hours together, as they are shown. */
    static String total(Map<LocalDate, String> hours) {
        return shown(hours.values().stream().map(BigDecimal::new).reduce(BigDecimal.ZERO, BigDecimal::add));
    }

    /** Hours with as many decimals as they need. */
    static String shown(BigDecimal hours) {
        return hours.stripTrailingZeros().toPlainString();
    }

    private static boolean isIn(LocalDate day, LocalDate monday) {
        return !day.isBefore(monday) && day.isBefore(monday.plusWeeks(1));
    }
}
