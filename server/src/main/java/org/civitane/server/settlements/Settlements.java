package org.civitane.server.settlements;

import java.sql.Timestamp;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.programme.Programme;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.FactNames;
import org.civitane.exchange.casefile.Misfits;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.PhraseColumn;
import org.civitane.server.platform.Problem;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Settled facts: they overlay the newest edition, and nothing of the edition is changed. */
@Service
@Transactional
public class Settlements {
    private static final int LONGEST_REASON = 2000;

    private final JdbcClient database;
    private final Claims claims;
    private final AgencyClock clock;

    Settlements(JdbcClient database, Claims claims, AgencyClock clock) {
        this.database = database;
        this.claims = claims;
        this.clock = clock;
    }

    /** The settlements that stand. */
    @Transactional(readOnly = true)
    public List<Settlement> standing(UUID claim) {
        return database.sql(
                        "select path, view, value::text, reason::text, settled_by::text, settled_at, unasked from settlement where claim_id = ? and undone_at is null order by path")
                .param(claim)
                .query((row, i) -> new Settlement(
                        new FactPath(row.getString(1)),
                        View.valueOf(row.getString(2)),
                        JsonColumn.read(row.getString(3)),
                        PhraseColumn.read(row.getString(4)),
                        PhraseColumn.read(row.getString(5)),
                        row.getTimestamp(6).toInstant(),
                        row.getBoolean(7)))
                .list();
    }

    /** The newest edition with the settlements that stand laid over it, as JSON. */
    @Transactional(readOnly = true)
    public ObjectNode settledCase(ClaimView claim) {
        return over(JsonColumn.readObject(claims.newestEdition(claim)), standing(claim.id()));
    }

    /** Lays settlements over an edition, which is changed. */
    public ObjectNode over(ObjectNode edition, List<Settlement> standing) {
        standing.forEach(settlement -> CasePaths.set(edition, settlement.path(), settlement.value()));
        return edition;
    }

    /**
     * Settles a fact, in place of an earlier settlement of it.
     *
     * @throws Problem when the case file could not stand with that value
     */
    public void settle(ClaimView claim, FactPath path, View view, JsonNode value, String reason, Actor actor) {
        settle(claim, path, view, value, given(path, reason), actor, false);
    }

    /** A register confirms a fact. */
    public void settleByRegister(ClaimView claim, FactPath path, JsonNode value, Phrase reason, Actor register) {
        settle(claim, path, View.ON_RECORD, value, reason, register, false);
    }

    /** Settles a fact as said without asking anybody, since nothing hangs on it. */
    public void settleUnasked(ClaimView claim, FactPath path, JsonNode said, String reason, Actor actor) {
        settle(claim, path, View.SAID, said, given(path, reason), actor, true);
    }

    private void settle(
            ClaimView claim, FactPath path, View view, JsonNode value, Phrase reason, Actor actor, boolean unasked) {
        ObjectNode edition = readEdition(claim);
        checkStands(claim, edition.deepCopy(), path, value);
        Phrase what = history(claim, edition, path, view, value, reason);
        lapse(claim.id(), List.of(path));
        database.sql(
                        "insert into settlement (id, claim_id, path, view, value, reason, settled_by, settled_at, unasked) values (?, ?, ?, ?, ?::jsonb, ?::jsonb, ?::jsonb, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        claim.id(),
                        path.path(),
                        view.name(),
                        JsonColumn.write(value),
                        PhraseColumn.write(reason),
                        PhraseColumn.write(actor.name()),
                        now(),
                        unasked)
                .update();
        claims.note(claim.id(), actor, !unasked && view.isWord() ? "overridden" : "settled", what);
        claims.touch(claim.id());
    }

    /** Takes a settlement back; the views stand open again. */
    public void undo(ClaimView claim, FactPath path, Actor actor) {
        String label = namesIn(claim, readEdition(claim)).label(path.path());
        if (lapse(claim.id(), List.of(path)) == 0) {
            return;
        }
        claims.note(claim.id(), actor, "unsettled", Phrase.of("history.unsettled", label));
        claims.touch(claim.id());
    }

    /**
     * Settlements of facts that were said anew stand no longer, nor do those that stand instead of a line said anew.
     *
     * @return how many stand no longer
     */
    public int lapse(UUID claim, List<FactPath> changed) {
        List<Settlement> overtaken = standing(claim).stream()
                .filter(settlement ->
                        changed.stream().anyMatch(path -> path.covers(settlement.path()) || replaces(settlement, path)))
                .toList();
        overtaken.forEach(settlement -> database.sql(
                        "update settlement set undone_at = ? where claim_id = ? and path = ? and undone_at is null")
                .params(now(), claim, settlement.path().path())
                .update());
        return overtaken.size();
    }

    private static boolean replaces(Settlement settlement, FactPath path) {
        return settlement
                .value()
                .path("instead")
                .valueStream()
                .map(line -> FactPath.of("incomes", line.asString()))
                .anyMatch(line -> line.covers(path));
    }

    /** Which fact became what, whose word that is, and what was said where that was something else. */
    private static Phrase history(
            ClaimView claim, ObjectNode edition, FactPath path, View view, JsonNode value, Phrase reason) {
        FactNames names = namesIn(claim, edition);
        String now = names.words(path.path(), value);
        String said = CasePaths.get(edition, path)
                .map(was -> names.words(path.path(), was))
                .orElse("");
        Phrase whose = Phrase.of("history.settled." + view);
        return said.isEmpty() || said.equals(now)
                ? Phrase.of("history.settled", names.label(path.path()), now, whose, reason)
                : Phrase.of("history.settled.other", names.label(path.path()), now, whose, reason, said);
    }

    private ObjectNode readEdition(ClaimView claim) {
        return JsonColumn.readObject(claims.newestEdition(claim));
    }

    private static FactNames namesIn(ClaimView claim, ObjectNode edition) {
        Programme<?> programme = Claims.programmeOf(claim);
        return new FactNames(programme.facts(), programme.wording(Locale.ENGLISH), edition);
    }

    private Phrase given(FactPath path, String reason) {
        if (reason.isBlank() || reason.length() > LONGEST_REASON) {
            throw Problem.invalid(path.path(), Phrase.of("problem.reason"));
        }
        return Phrase.text(reason.strip());
    }

    /** @param edition is changed */
    private void checkStands(ClaimView claim, ObjectNode edition, FactPath path, JsonNode value) {
        try {
            ObjectNode file = over(edition, standing(claim.id()));
            CasePaths.set(file, path, value);
            CaseFiles.read(JsonColumn.bytes(file));
            FactSpecs.shapeAt(Claims.programmeOf(claim).facts(), path)
                    .flatMap(shape -> Misfits.of(value, shape))
                    .ifPresent(why -> {
                        throw Problem.invalid(path.path(), Phrase.of("problem.misfit." + why));
                    });
        } catch (BadInput e) {
            throw Problem.invalid(path.path(), Phrase.of(e.fault()));
        } catch (IllegalArgumentException | ClassCastException e) {
            throw Problem.invalid(path.path(), Phrase.of("problem.no-such-fact"));
        }
    }

    private Timestamp now() {
        return Timestamp.from(clock.instant());
    }
}
