package org.civitane.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.github.kagkarlsson.scheduler.Scheduler;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.claim.ClaimState;
import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Extensions;
import org.civitane.server.asks.MoreTime;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.History;
import org.civitane.server.corrections.FixList;
import org.civitane.server.corrections.FixListAnswers;
import org.civitane.server.corrections.FixLists;
import org.civitane.server.corrections.Point;
import org.civitane.server.daysheet.DaySheet;
import org.civitane.server.decisions.Decision;
import org.civitane.server.decisions.Decisions;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Fix lists: what they unlock, what comes back, more time, and what happens when nobody answers. */
public class CorrectionsTest extends ServerTest {
    private static final String AMOUNT = "incomes/i1/amount";
    private static final String BORN = "members/m2/dateOfBirth";
    private static final String SLIPS = "papers/PAY_SLIPS/m1";

    @Autowired
    private FixLists lists;

    @Autowired
    private FixListAnswers answers;

    @Autowired
    private Extensions extensions;

    @Autowired
    private History history;

    @Autowired
    private Scheduler jobs;

    @Autowired
    private Papers papers;

    @Autowired
    private Decisions decisions;

    @Autowired
    private DaySheet sheet;

    @Autowired
    private JdbcClient database;

    private SignedIn caseworker;
    private SignedIn applicant;
    private ClaimView claim;

    @BeforeMethod
    void takeAClaim() {
        caseworker = person(Role.CASEWORKER);
        claim = taken(caseworker);
        applicant = accounts.account(claim.applicant());
    }

    @Test
    public void aFixListChangesExactlyWhatItNamesAndTheClaimComesBack() {
        send(FixList.Then.DECIDE, AMOUNT);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.WAITING);
        answer(Map.of(AMOUNT, "446.50", "members/m1/dateOfBirth", "2000-01-01"));
        ClaimView now = claims.claim(claim.id());
        assertThat(now.edition()).isEqualTo(2);
        assertThat(claims.newestEdition(now))
                .contains("446.50")
                .contains("1988-03-02")
                .doesNotContain("2000-01-01");
        assertThat(sheet.page(DaySheet.Pile.CAME_BACK, DaySheet.Wanted.of(caseworker.account()), Optional.empty())
                        .rows())
                .extracting(DaySheet.Row::id)
                .containsExactly(claim.id());
        assertThatThrownBy(() -> answer(Map.of(AMOUNT, "500.00"))).isInstanceOf(Problem.class);
    }

    @Test
    public void aPartialAnswerIsKeptAndTheRestStaysOpen() {
        send(FixList.Then.DECIDE, AMOUNT, BORN);
        assertThatThrownBy(() -> answer(Map.of())).isInstanceOf(Problem.class).hasMessageContaining("Nothing");
        assertThat(answer(Map.of(BORN, "2016-06-30")).open()).isEqualTo(1);
        ClaimView now = claims.claim(claim.id());
        assertThat(now.state()).isEqualTo(ClaimState.WAITING);
        assertThat(inWords(now.waiting().orElseThrow().what())).contains("one question");
        assertThat(claims.newestEdition(now)).contains("2016-06-30");
        FixList list = lists.newest(claim.id()).orElseThrow();
        assertThat(list.points())
                .filteredOn(Point::isOpen)
                .extracting(Point::path)
                .containsExactly(AMOUNT);
        assertThat(answer(Map.of(AMOUNT, "420.00", BORN, "2016-07-01")).state()).isEqualTo(FixList.State.ANSWERED);
        assertThat(claims.newestEdition(claims.claim(claim.id())))
                .as("a point that was answered is answered")
                .contains("2016-06-30");
    }

    @Test
    public void whileAClaimIsHeldItsApplicantMayAnswerInPart() {
        send(FixList.Then.DECIDE, AMOUNT, BORN);
        claims.freeze(claim.id(), Actor.called("Test"));
        assertThat(answer(Map.of(BORN, "2016-06-30")).open()).isEqualTo(1);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.FROZEN);
    }

    @Test
    public void ofTwoThingsThatAreOwedTheClaimWaitsForTheFirstAndThenForTheOther() {
        send(FixList.Then.DECIDE, AMOUNT);
        LocalDate later = out().dueOn().plusDays(20);
        asks.ask(
                claims.claim(claim.id()),
                Ask.Kind.LATER_PAPERS,
                claim.id(),
                Phrase.text("papers"),
                later,
                Ask.Then.STOP,
                "");
        assertThat(claims.claim(claim.id()).waiting().orElseThrow().until()).isEqualTo(out().dueOn());
        answer(Map.of(AMOUNT, "420.00"));
        ClaimView now = claims.claim(claim.id());
        assertThat(now.state()).isEqualTo(ClaimState.WAITING);
        assertThat(now.waiting().orElseThrow().until()).isEqualTo(later);
        asks.answered(asks.open(claim.id(), Ask.Kind.LATER_PAPERS).orElseThrow());
        assertThat(claims.claim(claim.id()).waiting()).isEmpty();
    }

    @Test
    public void whoeverOwesAnAnswerIsRemindedOnce() {
        send(FixList.Then.DECIDE, AMOUNT);
        database.sql(
                        "update scheduled_tasks set execution_time = now() where task_name = 'remind-of-ask' and task_instance like ?")
                .param(out().id() + "@%")
                .update();
        jobs.triggerCheckForDueExecutions();
        await("it was reminded", () -> reminded() == 1);
        answer(Map.of(AMOUNT, "420.00"));
        assertThat(reminded()).isEqualTo(1);
    }

    private long reminded() {
        return history.of(claim.id()).stream()
                .filter(line -> line.kind().equals("reminded"))
                .count();
    }

    @Test
    public void anAnswerThatCannotStandChangesNothing() {
        send(FixList.Then.DECIDE, AMOUNT, BORN);
        assertThatThrownBy(() -> answer(Map.of(AMOUNT, "-3", BORN, "2016-06-30")))
                .isInstanceOf(Problem.class);
        assertThat(claims.claim(claim.id()).edition()).isEqualTo(1);
        assertThat(lists.newest(claim.id()).orElseThrow().open()).isEqualTo(2);
    }

    @Test
    public void aPointForAPaperNeedsAPaperThatCameAfterIt() throws Exception {
        takePaper("before.png");
        send(FixList.Then.DECIDE, SLIPS);
        assertThatThrownBy(() -> answer(Map.of(SLIPS, "")))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("Send the paper first");
        takePaper("after.png");
        FixList list = answer(Map.of(SLIPS, ""));
        assertThat(list.state()).isEqualTo(FixList.State.ANSWERED);
        assertThat(list.points().getFirst().after().asString()).isEqualTo("after.png");
        assertThat(claims.claim(claim.id()).edition()).as("no fact changed").isEqualTo(1);
    }

    @Test
    public void threeRoundsKeepTheirHistoryApart() {
        for (String amount : List.of("420.00", "430.00", "440.00")) {
            send(FixList.Then.DECIDE, AMOUNT);
            answer(Map.of(AMOUNT, amount));
        }
        assertThat(lists.of(claim.id())).extracting(FixList::round).containsExactly(3, 2, 1);
        assertThat(lists.of(claim.id()))
                .extracting(list -> list.points().getFirst().before().asString() + " → "
                        + list.points().getFirst().after().asString())
                .containsExactly("430.00 → 440.00", "420.00 → 430.00", "412.00 → 420.00");
    }

    @Test
    public void answersAreDueBeforeTheDayOfDecision() {
        LocalDate latest = lists.latestDueOn(claim);
        assertThat(latest).isBefore(claim.decideBy());
        assertThat(lists.suggestedDueOn(claim)).isBeforeOrEqualTo(latest);
        List<Point> points = List.of(Point.asking(AMOUNT, "Wages", "Which months?", "As on the slip."));
        assertThatThrownBy(() -> lists.save(claim, points, latest.plusDays(1), FixList.Then.DECIDE))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("before the day of decision");
    }

    @Test
    public void whereTimeIsShortTheDayOfDecisionMovesWithTheAnswer() {
        clock.at(claim.decideBy().minusDays(1).atTime(10, 0), () -> {
            LocalDate latest = lists.latestDueOn(claim);
            assertThat(latest).isAfter(claim.decideBy());
            List<Point> points = List.of(Point.asking(AMOUNT, "Wages", "Which months?", "As on the slip."));
            lists.save(claim, points, latest, FixList.Then.DECIDE);
            lists.send(claim, caseworker);
            return latest;
        });
        ClaimView moved = claims.claim(claim.id());
        LocalDate answer = lists.newest(claim.id()).orElseThrow().dueOn();
        assertThat(moved.decideBy()).isEqualTo(BusinessCalendar.plusBusinessDays(answer, 5));
        assertThat(moved.dueBy()).isEqualTo(claim.dueBy());
    }

    @Test
    public void moreTimeIsCountedFromTheOldDateAndTheClaimWaitsForIt() {
        send(FixList.Then.CLOSE, AMOUNT);
        LocalDate due = lists.newest(claim.id()).orElseThrow().dueOn();
        assertThat(extensions.mostDays(out(), allowance())).isEqualTo(10);
        assertThatThrownBy(() -> extensions.wish(out(), 11, "ill", allowance(), applicant))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("one to 10 more days");
        extensions.wish(out(), 9, "The employer is slow.", allowance(), applicant);
        assertThatThrownBy(() -> extensions.wish(out(), 9, "again", allowance(), applicant))
                .isInstanceOf(Problem.class);
        assertThat(sheet.page(DaySheet.Pile.CAME_BACK, DaySheet.Wanted.of(caseworker.account()), Optional.empty())
                        .rows())
                .hasSize(1);
        extensions.answer(out(), true, "", caseworker);
        LocalDate later = BusinessCalendar.rolledForward(due.plusDays(9));
        ClaimView moved = claims.claim(claim.id());
        assertThat(moved.dueBy()).as("stays as determined").isEqualTo(claim.dueBy());
        assertThat(moved.decideBy()).isEqualTo(BusinessCalendar.plusBusinessDays(later, 5));
        assertThat(lists.newest(claim.id()).orElseThrow().dueOn()).isEqualTo(later);
        assertThat(claims.claim(claim.id()).waiting().orElseThrow().until()).isEqualTo(later);
        assertThatThrownBy(() -> extensions.wish(out(), 1, "more", allowance(), applicant))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("once only");
        lapseNow(claim, Ask.Kind.FIX_LIST, "min");
        await("the job of the old date ran and found the list moved", () -> lapseJobs() == 1);
        assertThat(claims.claim(claim.id()).state()).isEqualTo(ClaimState.WAITING);
    }

    @Test
    public void refusingMoreTimeNeedsAReasonAndMovesNothing() {
        send(FixList.Then.CLOSE, AMOUNT);
        LocalDate due = lists.newest(claim.id()).orElseThrow().dueOn();
        extensions.wish(out(), 5, "On a journey.", allowance(), applicant);
        assertThatThrownBy(() -> extensions.answer(out(), false, " ", caseworker))
                .isInstanceOf(Problem.class);
        extensions.answer(out(), false, "Twelve days are enough for one figure.", caseworker);
        assertThat(lists.newest(claim.id()).orElseThrow().dueOn()).isEqualTo(due);
        assertThat(out().moreTime()).extracting(MoreTime::state).containsExactly(MoreTime.State.REFUSED);
    }

    @Test
    public void anUnansweredFixListDoesWhatItAnnouncedOnce() {
        for (FixList.Then then : FixList.Then.values()) {
            takeAClaim();
            send(then, AMOUNT);
            lapseNow(claim, Ask.Kind.FIX_LIST, "min");
            await("it is decided", () -> claims.claim(claim.id()).state() == ClaimState.DECIDED);
            Decision decision = decisions.of(claim.id()).orElseThrow();
            assertThat(decision.kind())
                    .isEqualTo(then == FixList.Then.CLOSE ? Decision.Kind.CLOSED : Decision.Kind.DETERMINED);
            assertThat(decisions.letter(claim.id()))
                    .startsWith("%PDF-".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        }
    }

    private void send(FixList.Then then, String... paths) {
        List<Point> points = Arrays.stream(paths)
                .map(path -> Point.asking(path, "Point " + path, "Which is right?", "As on your papers."))
                .toList();
        ClaimView now = claims.claim(claim.id());
        lists.save(now, points, BusinessCalendar.rolledForward(clock.today().plusDays(12)), then);
        lists.send(now, caseworker);
    }

    private FixList answer(Map<String, String> values) {
        Map<String, FixListAnswers.Answer> given = new java.util.HashMap<>();
        values.forEach(
                (path, value) -> given.put(path, new FixListAnswers.Answer(text(value), Optional.of("From August"))));
        return answers.answer(applicant, claim.id(), given);
    }

    private void takePaper(String name) throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20 + name.length(), 30, BufferedImage.TYPE_INT_RGB), "png", out);
        papers.take(claim, new ByteArrayInputStream(out.toByteArray()), "PAY_SLIPS", "m1", name, applicant);
    }

    private Ask out() {
        return asks.open(claim.id(), Ask.Kind.FIX_LIST).orElseThrow();
    }

    private Deadline.Allowance allowance() {
        return Claims.programmeOf(claim).extensions();
    }

    private int lapseJobs() {
        return database.sql(
                        "select count(*) from scheduled_tasks where task_name = 'lapse-ask' and task_instance like ? || '@%'")
                .param(out().id().toString())
                .query(Integer.class)
                .single();
    }
}
