package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.following.Payment;
import org.civitane.server.following.Payments;
import org.civitane.server.platform.JsonColumn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * What people read on the day before, on and after each day that a claim has: nothing that is over is told as still to
 * come, and nothing that is to come as done.
 */
public class TensesTest extends Applications {
    private static final String DAY =
            "(?:(?:Mon|Tue|Wed|Thu|Fri|Sat|Sun) )?(?<day>\\d{1,2}) (?<month>" + months() + ")(?: (?<year>\\d{4}))?";
    private static final Pattern TO_COME =
            Pattern.compile("(?:\\b(?:by|until|is due|are due|planned for|is sent on|comes on|last day is)) " + DAY);
    private static final Pattern DONE = Pattern.compile(
            "\\b(?:was sent|sent off|was booked|was paid|was received|have it since|was decided|came) on " + DAY);
    private static final Pattern OVER = Pattern.compile(
            "\\b(was due|should have|at first we said|not answered by|was not|had to be|were due|was to be)\\b");
    private static final Pattern ODD = Pattern.compile(
            "\\b\\d{4}-\\d{2}-\\d{2}\\b|\\b20\\d{2}Q\\d\\b|(?<![\\d.,])1 (?:days|weeks|months|papers|points)\\b");
    /** What was written down at its time, and what is no sentence. */
    private static final List<String> AT_ITS_TIME = List.of("history", "body", "subject", "file", "answers", "policy");

    @Autowired
    @Qualifier("requestMappingHandlerMapping") private RequestMappingHandlerMapping mappings;

    @Autowired
    private MockMvc http;

    @Autowired
    private Decisions decisions;

    @Autowired
    private Payments payments;

    /** The others are decided with what registers and outsiders say, which has tests of its own. */
    private static final List<String> DECIDED_BY_HAND = List.of("school-meals", "food-assistance", "paid-leave");

    @DataProvider
    Object[][] programmes() {
        return programmesWithAForm().stream().map(id -> new Object[] {id}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "programmes")
    public void everySentenceIsTrueOnTheDayOnWhichItIsRead(String programme) throws Exception {
        SignedIn who = applicantFor(programme);
        SignedIn staff = person(Role.SUPERVISOR);
        ClaimView claim = answered(drafts.handInAnswers(who, programme, said(programme, who), signing(who)));
        List<String> untrue = new ArrayList<>();
        LocalDate received = claim.receivedOn();
        LocalDate askedUntil =
                asksOf(claim).map(Ask::dueOn).min(LocalDate::compareTo).orElse(claim.decideBy());
        for (LocalDate day : around(received, received.plusDays(7), askedUntil)) {
            if (!day.isBefore(received) && !day.isAfter(askedUntil)) {
                look(claim.id(), who, staff, day, untrue);
            }
        }
        asksOf(claim).toList().forEach(ask -> lapseNow(claim, ask.kind(), "min"));
        await("nothing is asked any more", () -> asksOf(claim).findAny().isEmpty());
        LocalDate decideBy = claims.claim(claim.id()).decideBy();
        for (LocalDate day : around(decideBy, BusinessCalendar.minusBusinessDays(decideBy, 3), decideBy.plusDays(20))) {
            look(claim.id(), who, staff, day, untrue);
        }
        if (DECIDED_BY_HAND.contains(programme)) {
            lookAfterTheDecision(claim, who, staff, untrue);
        }
        assertThat(untrue).isEmpty();
    }

    private void lookAfterTheDecision(ClaimView claim, SignedIn who, SignedIn staff, List<String> untrue) {
        LocalDate received = claim.receivedOn();
        SignedIn caseworker = person(Role.CASEWORKER);
        decisions.decide(taken(caseworker, claims.claim(claim.id())), "So it is.", "Seen at the counter.", caseworker);
        LocalDate[] paid = Stream.concat(
                        Stream.of(received, received.plusDays(60)),
                        payments.of(claim.id()).stream().map(Payment::due))
                .toArray(LocalDate[]::new);
        asksOf(claim).toList().forEach(ask -> lapseNow(claim, ask.kind(), "min"));
        await("nothing is asked any more", () -> asksOf(claim).findAny().isEmpty());
        for (LocalDate day : around(paid)) {
            if (!day.isBefore(received)) {
                look(claim.id(), who, staff, day, untrue);
            }
        }
    }

    private Stream<Ask> asksOf(ClaimView claim) {
        return asks.of(claim.id()).stream().filter(ask -> ask.state().isOpen());
    }

    private static TreeSet<LocalDate> around(LocalDate... days) {
        TreeSet<LocalDate> around = new TreeSet<>();
        for (LocalDate day : days) {
            around.addAll(List.of(day.minusDays(1), day, day.plusDays(1)));
        }
        return around;
    }

    private void look(java.util.UUID claim, SignedIn who, SignedIn staff, LocalDate day, List<String> untrue) {
        ClaimView now = claims.claim(claim);
        clock.at(day.atTime(LocalTime.NOON), () -> {
            try {
                new EveryPage(http, mappings).of(now, who, staff, (path, answer) -> {
                    if (answer.getStatus() == 200
                            && String.valueOf(answer.getContentType()).contains("json")) {
                        sentences(
                                read(answer),
                                said -> check(said, day)
                                        .forEach(fault -> untrue.add(day + " " + path.replace(claim.toString(), "…")
                                                + ": " + fault + ": " + said)));
                    }
                });
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
            return day;
        });
    }

    private static JsonNode read(org.springframework.mock.web.MockHttpServletResponse answer) {
        return JsonColumn.read(new String(answer.getContentAsByteArray(), java.nio.charset.StandardCharsets.UTF_8));
    }

    private static void sentences(JsonNode at, Consumer<String> use) {
        if (at.isObject()) {
            at.propertyStream()
                    .filter(part -> !AT_ITS_TIME.contains(part.getKey()))
                    .forEach(part -> sentences(part.getValue(), use));
        } else if (at.isArray()) {
            at.forEach(part -> sentences(part, use));
        } else if (at.isString() && at.asString().contains(" ")) {
            use.accept(at.asString());
        }
    }

    private static List<String> check(String said, LocalDate on) {
        List<String> faults = new ArrayList<>();
        Matcher toCome = TO_COME.matcher(said);
        while (toCome.find()) {
            if (day(toCome, on).isBefore(on) && !OVER.matcher(said).find()) {
                faults.add("is over");
            }
        }
        Matcher done = DONE.matcher(said);
        while (done.find()) {
            if (day(done, on).isAfter(on)) {
                faults.add("is still to come");
            }
        }
        if (ODD.matcher(said).find()) {
            faults.add("is not as people say it");
        }
        return faults;
    }

    /** Without its year the one that is nearest. */
    private static LocalDate day(Matcher found, LocalDate on) {
        int month = List.of(months().split("\\|")).indexOf(found.group("month")) + 1;
        int day = Integer.parseInt(found.group("day"));
        if (found.group("year") != null) {
            return LocalDate.of(Integer.parseInt(found.group("year")), month, day);
        }
        return Stream.of(-1, 0, 1)
                .map(years -> LocalDate.of(on.getYear() + years, month, Math.min(day, 28))
                        .plusDays(day - Math.min(day, 28)))
                .min(java.util.Comparator.comparingLong(each -> Math.abs(each.toEpochDay() - on.toEpochDay())))
                .orElseThrow();
    }

    private static String months() {
        return Stream.of(java.time.Month.values())
                .map(month -> month.getDisplayName(java.time.format.TextStyle.FULL, Locale.ENGLISH))
                .collect(java.util.stream.Collectors.joining("|"));
    }
}
