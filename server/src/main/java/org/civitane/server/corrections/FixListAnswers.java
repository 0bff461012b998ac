package org.civitane.server.corrections;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.civitane.core.claim.Act;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.reasoning.FactPath;
import org.civitane.exchange.binding.BadInput;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.exchange.casefile.CasePaths;
import org.civitane.exchange.casefile.Misfits;
import org.civitane.exchange.casefile.WhoseWord;
import org.civitane.server.access.SignedIn;
import org.civitane.server.asks.Ask;
import org.civitane.server.asks.Asks;
import org.civitane.server.claims.Actor;
import org.civitane.server.claims.ClaimActs;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Papers;
import org.civitane.server.platform.AgencyClock;
import org.civitane.server.platform.JsonColumn;
import org.civitane.server.platform.Phrase;
import org.civitane.server.platform.Problem;
import org.civitane.server.settlements.Settlements;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/** What comes back from the applicant, point by point. */
@Service
@Transactional
public class FixListAnswers {
    private static final int LONGEST_NOTE = 1000;

    private final FixListStore store;
    private final Asks asks;
    private final Claims claims;
    private final ClaimActs acts;
    private final Settlements settlements;
    private final Papers papers;
    private final AgencyClock clock;

    FixListAnswers(
            FixListStore store,
            Asks asks,
            Claims claims,
            ClaimActs acts,
            Settlements settlements,
            Papers papers,
            AgencyClock clock) {
        this.store = store;
        this.asks = asks;
        this.claims = claims;
        this.acts = acts;
        this.settlements = settlements;
        this.papers = papers;
        this.clock = clock;
    }

    /** What is put right: the new value of one point, and what the applicant adds in their own words. */
    public record Answer(JsonNode value, Optional<String> note) {}

    /**
     * The applicant answers some points or all of them: exactly the facts that these name change, in a new edition. The
     * claim comes back when no point is open any more; until then the list stays out, and its date stands.
     *
     * @param answers path to answer; for a paper its value is not looked at, the paper itself has to be there
     * @return the list as it stands now
     * @throws Problem when nothing is answered, or an answer cannot stand; nothing is changed then
     */
    public FixList answer(SignedIn applicant, UUID claimId, Map<String, Answer> answers) {
        return acts.byApplicant(claimId, applicant, Act.ANSWER, claim -> answer(applicant, claim, answers));
    }

    private FixList answer(SignedIn applicant, ClaimView claim, Map<String, Answer> answers) {
        UUID claimId = claim.id();
        FixList list = store.newest(claimId)
                .filter(sent -> sent.state() == FixList.State.SENT)
                .orElseThrow(() -> Problem.conflict("answered", Phrase.of("problem.answered")));
        ObjectNode file = JsonColumn.readObject(claims.newestEdition(claim));
        ObjectNode before = file.deepCopy();
        List<Paper> came = papers.of(claimId);
        List<Point> points = list.points().stream()
                .map(point -> point.isOpen() && answers.containsKey(point.path())
                        ? answered(point, answers.get(point.path()), file, list, came)
                        : point)
                .toList();
        List<Point> now = new ArrayList<>(points);
        now.removeAll(list.points());
        if (now.isEmpty()) {
            throw Problem.invalid("", Phrase.of("problem.nothing-answered"));
        }
        boolean done = points.stream().noneMatch(Point::isOpen);
        FixList changed = list.as(done ? FixList.State.ANSWERED : FixList.State.SENT, points);
        List<FactSpec> facts = Claims.programmeOf(claim).facts();
        WhoseWord.notTheApplicants(file, before, facts).ifPresent(path -> {
            throw Problem.invalid(path, Phrase.of("problem.not-yours-to-say"));
        });
        now.stream().filter(point -> !point.isForPaper()).forEach(point -> checkFits(point, file, claim));
        WhoseWord.keepOthers(file, before, facts);
        CaseFiles.Read<?> read = read(file, now);
        store.update(changed);
        List<FactPath> changedFacts = now.stream()
                .filter(point -> !point.isForPaper())
                .map(point -> new FactPath(point.path()))
                .toList();
        if (!changedFacts.isEmpty()) {
            settlements.lapse(claimId, changedFacts);
            claims.addEdition(
                    claimId, read.file(), JsonColumn.write(file), Phrase.of("edition.fix-list", list.round()));
        }
        claims.note(
                claimId,
                Actor.of(applicant),
                "fix-list-answered",
                Phrase.of("history.fix-list-answered", now.size(), changed.open()));
        Ask ask = asks.open(claimId, Ask.Kind.FIX_LIST).orElseThrow();
        if (done) {
            asks.answered(ask);
        } else {
            asks.partly(ask, FixLists.owed(changed));
        }
        return changed;
    }

    private static void checkFits(Point point, ObjectNode file, ClaimView claim) {
        FactPath path = new FactPath(point.path());
        FactSpecs.shapeAt(Claims.programmeOf(claim).facts(), path)
                .flatMap(shape -> CasePaths.get(file, path).flatMap(value -> Misfits.of(value, shape)))
                .ifPresent(why -> {
                    throw Problem.invalid(point.path(), Phrase.of("problem.misfit." + why));
                });
    }

    private Point answered(Point point, Answer answer, ObjectNode file, FixList list, List<Paper> came) {
        String note = answer.note()
                .map(String::strip)
                .filter(words -> !words.isEmpty())
                .map(words -> words.length() <= LONGEST_NOTE ? words : words.substring(0, LONGEST_NOTE))
                .orElse(null);
        String at = clock.instant().toString();
        if (point.isForPaper()) {
            return point.answeredWith(StringNode.valueOf(paperFor(point, list, came)), note, at);
        }
        JsonNode value = answer.value();
        try {
            CasePaths.set(file, new FactPath(point.path()), value);
        } catch (IllegalArgumentException | ClassCastException e) {
            throw Problem.invalid(point.path(), Phrase.of("problem.no-such-fact"));
        }
        return point.answeredWith(value, note, at);
    }

    /** The names of the papers that came for a point since it was asked. */
    private String paperFor(Point point, FixList list, List<Paper> came) {
        List<String> names = came.stream()
                .filter(paper -> paper.kind().equals(point.paperKind())
                        && paper.subject().equals(point.paperSubject())
                        && paper.state() != Paper.State.SENT_BACK)
                .filter(paper -> list.sentAt().filter(paper.givenAt()::isAfter).isPresent())
                .map(Paper::name)
                .toList();
        if (names.isEmpty()) {
            throw Problem.invalid(point.path(), Phrase.of("problem.paper-first", point.title()));
        }
        return String.join(", ", names);
    }

    private CaseFiles.Read<?> read(ObjectNode file, List<Point> points) {
        try {
            return CaseFiles.read(JsonColumn.bytes(file));
        } catch (BadInput e) {
            String path = points.size() == 1 ? points.getFirst().path() : pointAt(e.pointer(), points);
            throw Problem.invalid(path, Phrase.of(e.fault()));
        }
    }

    /** The point whose fact a pointer lies in, by the list it names; the pointer itself when there is none. */
    private static String pointAt(String pointer, List<Point> points) {
        String list = pointer.startsWith("/") ? pointer.substring(1).split("/")[0] : pointer;
        return points.stream()
                .map(Point::path)
                .filter(path -> path.startsWith(list) || path.endsWith("/" + list))
                .findFirst()
                .orElse(pointer);
    }
}
