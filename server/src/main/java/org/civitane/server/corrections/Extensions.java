package org.civitane.server.corrections;

import java.sql.Timestamp;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.claim.Act;
import org.civitane.server.access.SignedIn;
import org.civitane.server.casework.Actor;
import org.civitane.server.casework.ClaimActs;
import org.civitane.server.casework.ClaimView;
import org.civitane.server.casework.Claims;
import org.civitane.server.casework.History;
import org.civitane.server.contact.Notices;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.DayText;
import org.civitane.server.platform.Problem;
import org.civitane.server.platform.Texts;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** More time for a fix list: the applicant asks, the caseworker grants or refuses (rulebook 0.3). */
@Service
@Transactional
public class Extensions {
    private static final int LONGEST_TEXT = 500;

    private final JdbcClient database;
    private final FixListStore store;
    private final FixLists lists;
    private final Claims claims;
    private final ClaimActs acts;
    private final Notices notices;
    private final History history;
    private final Texts texts;
    private final AgencyClock clock;

    Extensions(
            JdbcClient database,
            FixListStore store,
            FixLists lists,
            Claims claims,
            ClaimActs acts,
            Notices notices,
            History history,
            Texts texts,
            AgencyClock clock) {
        this.database = database;
        this.store = store;
        this.lists = lists;
        this.claims = claims;
        this.acts = acts;
        this.notices = notices;
        this.history = history;
        this.texts = texts;
        this.clock = clock;
    }

    /**
     * One request for more time.
     *
     * @param days how many calendar days, counted from the deadline as it stood
     * @param answer what the caseworker says to it; empty until then
     */
    public record MoreTime(
            UUID id, UUID list, String by, String why, int days, Instant at, State state, String answer) {
        /** What came of it. */
        public enum State {
            ASKED,
            GRANTED,
            REFUSED
        }
    }

    /** All requests on a list, as they came. */
    @Transactional(readOnly = true)
    public List<MoreTime> of(UUID list) {
        return database.sql("select * from extension where fix_list_id = ? order by asked_at, id")
                .param(list)
                .query((row, number) -> new MoreTime(
                        row.getObject("id", UUID.class),
                        row.getObject("fix_list_id", UUID.class),
                        row.getString("asked_by"),
                        row.getString("why"),
                        row.getInt("days"),
                        row.getTimestamp("asked_at").toInstant(),
                        MoreTime.State.valueOf(row.getString("state")),
                        row.getString("answer")))
                .list();
    }

    /** Whether more time may still be asked for on a list that is out, and how many days at most; 0 when not. */
    @Transactional(readOnly = true)
    public int mostDays(ClaimView claim, FixList list) {
        Deadline.Allowance allowance = Claims.programmeOf(claim).extensions();
        List<MoreTime> asked = of(list.id());
        boolean open = asked.stream().anyMatch(each -> each.state() == MoreTime.State.ASKED);
        boolean may = list.state() == FixList.State.SENT
                && !open
                && deadline(list, asked).refusal(1, clock.today(), allowance).isEmpty();
        return may ? allowance.mostDays() : 0;
    }

    /** The applicant asks for more time. @throws Problem when there can be none, with the reason */
    public MoreTime ask(SignedIn applicant, UUID claimId, int days, String why) {
        return acts.byApplicant(claimId, applicant, Act.ANSWER, claim -> ask(applicant, claim, days, why));
    }

    private MoreTime ask(SignedIn applicant, ClaimView claim, int days, String why) {
        UUID claimId = claim.id();
        FixList list = out(claimId);
        Deadline.Allowance allowance = Claims.programmeOf(claim).extensions();
        if (why.isBlank() || why.length() > LONGEST_TEXT) {
            throw Problem.invalid("why", texts.say("problem.extension-why"));
        }
        if (days < 1 || days > allowance.mostDays()) {
            throw Problem.invalid("days", texts.say("problem.extension-days", allowance.mostDays()));
        }
        List<MoreTime> before = of(list.id());
        if (before.stream().anyMatch(each -> each.state() == MoreTime.State.ASKED)) {
            throw Problem.conflict("extension-asked", texts.say("problem.extension-asked"));
        }
        deadline(list, before).refusal(days, clock.today(), allowance).ifPresent(refusal -> {
            throw Problem.conflict(
                    "extension", texts.say("problem.extension." + refusal, allowance.times(), allowance.mostDays()));
        });
        database.sql(
                        "insert into extension (id, fix_list_id, asked_by, why, days, asked_at, state) values (?, ?, ?, ?, ?, ?, 'ASKED')")
                .params(
                        UUID.randomUUID(),
                        list.id(),
                        applicant.displayName(),
                        why.strip(),
                        days,
                        Timestamp.from(clock.instant()))
                .update();
        history.add(
                claimId,
                Actor.of(applicant),
                "extension-asked",
                texts.say("history.extension-asked", days, why.strip()));
        claims.touch(claimId);
        return of(list.id()).getLast();
    }

    /**
     * The caseworker grants or refuses. Granted, the new deadline is counted from the old one and rolled forward.
     *
     * @param words what is said to the applicant; needed when it is refused
     */
    public MoreTime answer(ClaimView claim, boolean granted, String words, SignedIn caseworker) {
        FixList list = out(claim.id());
        List<MoreTime> all = of(list.id());
        MoreTime asked = all.stream()
                .filter(each -> each.state() == MoreTime.State.ASKED)
                .findFirst()
                .orElseThrow(() -> Problem.conflict("extension", texts.say("problem.no-extension")));
        if (words.length() > LONGEST_TEXT || !granted && words.isBlank()) {
            throw Problem.invalid("words", texts.say("problem.reason"));
        }
        database.sql("update extension set state = ?, answer = ?, answered_by = ? where id = ?")
                .params(granted ? "GRANTED" : "REFUSED", words.strip(), caseworker.displayName(), asked.id())
                .update();
        if (granted) {
            LocalDate day = deadline(list, of(list.id())).day();
            lists.move(list, day);
            history.add(
                    claim.id(),
                    Actor.of(caseworker),
                    "extension-granted",
                    texts.say("history.extension-granted", DayText.full(day)));
        } else {
            history.add(
                    claim.id(),
                    Actor.of(caseworker),
                    "extension-refused",
                    texts.say("history.extension-refused", words.strip()));
            claims.touch(claim.id());
        }
        notices.tell(claim.id());
        return of(list.id()).getLast();
    }

    private FixList out(UUID claim) {
        return store.newest(claim)
                .filter(list -> list.state() == FixList.State.SENT)
                .orElseThrow(() -> Problem.conflict("answered", texts.say("problem.answered")));
    }

    private static Deadline deadline(FixList list, List<MoreTime> asked) {
        Deadline deadline = Deadline.on(list.firstDueOn());
        for (MoreTime each : asked) {
            if (each.state() == MoreTime.State.GRANTED) {
                deadline = deadline.extended(new Deadline.Extension(each.by(), each.why(), each.days()));
            }
        }
        return deadline;
    }
}
