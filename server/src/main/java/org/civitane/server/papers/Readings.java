package org.civitane.server.papers;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import org.civitane.exchange.binding.Json;
import org.civitane.exchange.casefile.WholeName;
import org.civitane.server.access.SignedIn;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.type.TypeReference;

/** Reads what papers say, keeps it, and takes down what a caseworker confirms or corrects of it. */
@Service
public class Readings {
    private static final TypeReference<List<ShownValue>> VALUES = new TypeReference<>() {};
    private static final int LONGEST_VALUE = 300;
    private static final Logger LOG = LoggerFactory.getLogger(Readings.class);
    private static final Duration ANOTHER_MOMENT = Duration.ofMillis(200);
    private static final Duration FIRST_PAUSE = Duration.ofSeconds(10);
    private static final int MOST_DOUBLINGS = 10;
    private static final Duration LONGEST_PAUSE = Duration.ofHours(1);

    private final JdbcClient database;
    private final Claims claims;
    private final SchedulerClient jobs;
    private final PaperReader reader;
    /** Reading is slow and can wait, so that people do not. */
    private final Semaphore oneAtATime = new Semaphore(1, true);

    private final TransactionTemplate transaction;
    private final ApplicationEventPublisher events;
    private final AgencyClock clock;

    Readings(
            JdbcClient database,
            Claims claims,
            SchedulerClient jobs,
            PaperReader reader,
            TransactionTemplate transaction,
            ApplicationEventPublisher events,
            AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.jobs = jobs;
        this.reader = reader;
        this.transaction = transaction;
        this.events = events;
        this.clock = clock;
    }

    /** What the papers of a claim that were handed in say, by paper. */
    @Transactional(readOnly = true)
    public Map<UUID, Reading> of(UUID claim) {
        return read(claim, "p.state not in ('BEGUN', 'TAKEN_BACK')");
    }

    /** What those say that were not handed in yet, by paper. */
    @Transactional(readOnly = true)
    public Map<UUID, Reading> ofBegun(UUID claim) {
        return read(claim, "p.state = 'BEGUN'");
    }

    private Map<UUID, Reading> read(UUID claim, String which) {
        Map<UUID, Reading> byPaper = new HashMap<>();
        database.sql("select r.paper_id, r.state, r.shown::text from paper_reading r join paper p on p.id = r.paper_id"
                        + " where p.claim_id = ? and " + which)
                .param(claim)
                .query((java.sql.ResultSet row) -> {
                    byPaper.put(
                            row.getObject(1, UUID.class),
                            new Reading(
                                    Reading.State.valueOf(row.getString(2)),
                                    Json.mapper().readValue(row.getString(3), VALUES)));
                });
        return byPaper;
    }

    /** A paper came: it is read as soon as a job comes to it. Part of the transaction that takes the paper in. */
    void toBeRead(UUID paper) {
        database.sql("insert into paper_reading (paper_id, state) values (?, 'WAITING')")
                .param(paper)
                .update();
        jobs.scheduleIfNotExists(ReadingJob.TASK.instance(paper.toString()).scheduledTo(clock.now()));
    }

    /**
     * A caseworker says what a page shows.
     *
     * @param values field to value, all fields of that page; an empty value takes a field away
     */
    @Transactional
    public Reading see(ClaimView claim, UUID paper, int page, Map<String, String> values, SignedIn who) {
        Reading before = of(claim.id()).get(paper);
        if (before == null) {
            throw Problem.notFound(Phrase.of("paper.none"));
        }
        List<ShownValue> shown = new ArrayList<>(
                before.shown().stream().filter(value -> value.page() != page).toList());
        values.forEach((field, value) -> {
            String words = value.strip();
            if (!words.isEmpty() && words.length() <= LONGEST_VALUE) {
                shown.add(before.shown().stream()
                        .filter(each -> each.page() == page && each.field().equals(field))
                        .findFirst()
                        .orElseGet(() ->
                                new ShownValue(field, page, "", "", ShownValue.Box.NOWHERE, ShownValue.State.READ, ""))
                        .seen(words, who.displayName()));
            }
        });
        keep(paper, Reading.State.READ, shown);
        claims.note(claim.id(), Actor.of(who), "paper-seen", Phrase.of("history.paper-seen"));
        events.publishEvent(new PapersChanged(claim.id()));
        claims.touch(claim.id());
        return new Reading(Reading.State.READ, shown);
    }

    /**
     * Whatever was read of a paper and nobody has looked at is right; part of accepting it. One that could not be read so
     * far is not read any more.
     *
     * @throws Problem while it still waits to be read for the first time
     */
    void confirm(ClaimView claim, UUID paper, SignedIn who) {
        Reading before = of(claim.id()).get(paper);
        if (before != null && before.state() == Reading.State.WAITING) {
            if (!wasTried(paper)) {
                throw Problem.conflict("being-read", Phrase.of("paper.being-read"));
            }
            keep(paper, Reading.State.NOTHING, List.of());
        }
        if (before != null && before.state() == Reading.State.READ) {
            keep(
                    paper,
                    Reading.State.READ,
                    before.shown().stream()
                            .map(value -> value.isSeen() ? value : value.seen(value.value(), who.displayName()))
                            .toList());
        }
    }

    private record Unread(UUID paper, UUID claim, String digest, String subject, int tries) {}

    /**
     * Reads the paper whose turn it is and keeps what it says: first those that someone is just sending and waits for,
     * then of each household first what it sent first, so that nobody's paper waits for another's many. One that cannot be
     * read at this moment is read again, later and later. Running again has no other effect.
     *
     * @param own the paper for which this was asked
     * @return when this is to be tried again; nothing once that paper has been read
     */
    Optional<Instant> readNext(UUID own) {
        if (!oneAtATime.tryAcquire()) {
            return Optional.of(clock.instant().plus(ANOTHER_MOMENT));
        }
        try {
            nextUnread().ifPresent(this::read);
            return nextTry(own);
        } finally {
            oneAtATime.release();
        }
    }

    private void read(Unread found) {
        try {
            Reading reading = reader.read(found.digest(), turnsOf(found), namesFor(found));
            Optional<String> code = reader.code(found.digest(), turnsOf(found));
            transaction.executeWithoutResult(status -> keepUnlessTouched(found, reading, code));
        } catch (PaperReader.NotNow e) {
            LOG.warn("A paper is read again later: {}", e.getCause().getClass().getSimpleName());
            database.sql("update paper_reading set tries = tries + 1, again_at = ? where paper_id = ?")
                    .params(Timestamp.from(clock.instant().plus(pauseAfter(found.tries()))), found.paper())
                    .update();
        }
    }

    private static Duration pauseAfter(int tries) {
        Duration pause = FIRST_PAUSE.multipliedBy(1L << Math.min(tries, MOST_DOUBLINGS));
        return pause.compareTo(LONGEST_PAUSE) < 0 ? pause : LONGEST_PAUSE;
    }

    /** Whoever typed what the paper shows while it was being read has the last word on it. */
    private void keepUnlessTouched(Unread found, Reading reading, Optional<String> code) {
        claims.hold(found.claim());
        if (isUnread(found.paper())) {
            keep(found.paper(), reading.state(), reading.shown());
            code.ifPresent(text -> events.publishEvent(new CodeOnPaper(found.claim(), found.paper(), text)));
            events.publishEvent(new PapersChanged(found.claim()));
            claims.touch(found.claim());
        }
    }

    /** Whose it may be: whom it is about, or anybody of the household. */
    private List<String> namesFor(Unread found) {
        return JsonColumn.read(claims.newestEdition(claims.claim(found.claim())))
                .path("members")
                .valueStream()
                .filter(member -> found.subject().isEmpty()
                        || member.path("id").asString("").equals(found.subject()))
                .map(WholeName::of)
                .toList();
    }

    private static String turnsOf(Unread found) {
        return "reading " + found.claim();
    }

    private Optional<Unread> nextUnread() {
        return database.sql("""
                        select p.id, p.claim_id, p.digest, p.subject, r.tries from paper p join paper_reading r on r.paper_id = p.id
                        where r.state = 'WAITING' and (r.again_at is null or r.again_at <= ?)
                        order by p.state <> 'BEGUN', (select count(*) from paper before
                          where before.claim_id = p.claim_id and (before.given_at, before.id) < (p.given_at, p.id)),
                          p.given_at, p.id
                        limit 1""")
                .param(Timestamp.from(clock.instant()))
                .query((row, number) -> new Unread(
                        row.getObject(1, UUID.class),
                        row.getObject(2, UUID.class),
                        row.getString(3),
                        row.getString(4),
                        row.getInt(5)))
                .optional();
    }

    private boolean wasTried(UUID paper) {
        return database.sql("select tries > 0 from paper_reading where paper_id = ?")
                .param(paper)
                .query(Boolean.class)
                .single();
    }

    /** When a paper that was not read yet has its turn at the earliest. */
    private Optional<Instant> nextTry(UUID paper) {
        Instant soon = clock.instant().plus(ANOTHER_MOMENT);
        return database.sql(
                        "select coalesce(greatest(again_at, ?), ?) from paper_reading where paper_id = ? and state = 'WAITING'")
                .params(Timestamp.from(soon), Timestamp.from(soon), paper)
                .query(Timestamp.class)
                .optional()
                .map(Timestamp::toInstant);
    }

    private boolean isUnread(UUID paper) {
        return database.sql("select count(*) from paper_reading where paper_id = ? and state = 'WAITING'")
                        .param(paper)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    private void keep(UUID paper, Reading.State state, List<ShownValue> shown) {
        database.sql("update paper_reading set state = ?, shown = ?::jsonb, read_at = ? where paper_id = ?")
                .params(state.name(), JsonColumn.write(shown), Timestamp.from(clock.instant()), paper)
                .update();
    }

    /** Every value of every page of these papers, grouped as they belong together. */
    public static Stream<Map<String, ShownValue>> groups(Reading reading) {
        Map<Integer, Map<String, ShownValue>> byPage = new java.util.TreeMap<>();
        reading.shown()
                .forEach(value -> byPage.computeIfAbsent(value.page(), page -> new HashMap<>())
                        .put(value.field(), value));
        return byPage.values().stream();
    }
}
