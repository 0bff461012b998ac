package org.civitane.server.dossier;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.casefile.Member;
import org.civitane.core.casefile.Relationship;
import org.civitane.exchange.casefile.CaseFiles;
import org.civitane.server.asks.Ask;
import org.civitane.server.claims.ClaimView;
import org.civitane.server.claims.Claims;
import org.civitane.server.claims.Wait;
import org.civitane.server.contact.Contact;
import org.civitane.server.determinations.Run;
import org.civitane.server.doubts.Doubt;
import org.civitane.server.papers.Original;
import org.civitane.server.papers.Paper;
import org.civitane.server.papers.Reading;
import org.civitane.server.registers.RegisterRequest;
import org.civitane.server.settlements.Settlement;
import org.springframework.util.function.SingletonSupplier;
import tools.jackson.databind.node.ObjectNode;

/**
 * A claim as it stands, for everything that is answered from it: each part is read when it is first asked for, and
 * once. It belongs to the transaction it was opened in, and is stale as soon as the claim changes.
 */
public final class Dossier {
    private final ClaimView claim;
    private final SingletonSupplier<Edition> said;
    private final SingletonSupplier<List<Settlement>> settlements;
    private final SingletonSupplier<List<Earlier>> earlier;
    private final SingletonSupplier<Edition> settled;
    private final SingletonSupplier<Run> run;
    private final SingletonSupplier<List<Paper>> papers;
    private final SingletonSupplier<Map<UUID, Reading>> readings;
    private final SingletonSupplier<List<Original>> originals;
    private final SingletonSupplier<List<RegisterRequest>> requests;
    private final SingletonSupplier<Map<String, Contact>> contacts;
    private final SingletonSupplier<Optional<Doubt>> doubt;
    private final SingletonSupplier<List<Ask>> asks;

    Dossier(ClaimView claim, Sources from) {
        this(
                claim,
                from,
                () -> Claims.programmeOf(claim).earlierFact().isEmpty()
                        ? List.of()
                        : earlier(from.earlier().before(claim), from));
    }

    private Dossier(ClaimView claim, Sources from, Supplier<List<Earlier>> earlier) {
        this.claim = claim;
        this.said = once(() -> Edition.of(from.claims().newestEdition(claim)));
        this.settlements = once(() -> from.settlements().standing(claim.id()));
        this.earlier = once(earlier);
        this.settled = once(() -> {
            List<Settlement> standing = settlements();
            return standing.isEmpty() && earlier().isEmpty()
                    ? said()
                    : Edition.of(from.settlements().over(withEarlier(said().copy()), standing));
        });
        this.run = once(() -> claim.decidedAt().isPresent()
                ? from.determinations().decided(claim.id())
                : from.determinations().ofClaim(settled().read()));
        this.papers = once(() -> from.papers().of(claim.id()));
        this.readings = once(() -> from.readings().of(claim.id()));
        this.originals = once(() -> from.originals().of(claim.id()));
        this.requests = once(() -> from.registers().newestOf(claim.id()));
        this.contacts = once(() -> from.contacts().ofClaim(claim.id()));
        this.doubt = once(() -> from.doubts().of(claim.id()));
        this.asks = once(() -> from.asks().of(claim.id()));
    }

    public ClaimView claim() {
        return claim;
    }

    /** What the same person has had of the programme before; nothing where that does not matter. */
    private List<Earlier> earlier() {
        return earlier.obtain();
    }

    /**
     * What claims are to later ones of the same person.
     *
     * @param claims the first one first, so that each is determined once, on what those before it came to
     */
    static List<Earlier> earlier(List<ClaimView> claims, Sources from) {
        List<Earlier> all = new ArrayList<>();
        for (ClaimView each : claims) {
            List<Earlier> before = List.copyOf(all);
            Dossier dossier = new Dossier(each, from, () -> before);
            Claims.programmeOf(each)
                    .asEarlier(dossier.run().determination(), each.decidedAt().isPresent())
                    .ifPresent(line -> all.add(
                            new Earlier(each.number(), () -> dossier.settled().read(), line)));
        }
        return all;
    }

    /** The days of it that earlier claims of the same person take up already, by claim. */
    public List<Overlap> overlaps() {
        return earlier().stream()
                .flatMap(each -> overlap(settled().read(), each).stream())
                .toList();
    }

    private static <C extends CaseFile> Optional<Overlap> overlap(CaseFiles.Read<C> read, Earlier other) {
        Class<C> type = read.programme().caseType();
        List<LocalDate> days = read.programme()
                .overlap(read.file(), type.cast(other.read().get().file()));
        return days.isEmpty()
                ? Optional.empty()
                : Optional.of(new Overlap(other.number(), days.getFirst(), days.getLast(), days.size()));
    }

    /** Adds to a case file of this claim what the same person has had of the programme before. */
    public ObjectNode withEarlier(ObjectNode file) {
        Claims.programmeOf(claim).earlierFact().ifPresent(fact -> addTo(file, fact, earlier()));
        return file;
    }

    /** Adds lines to a fact of a case file. */
    static void addTo(ObjectNode file, String fact, List<Earlier> earlier) {
        earlier.forEach(each -> {
            ObjectNode added = file.withArray(fact).addObject();
            each.line().forEach(added::put);
        });
    }

    /** The newest edition, as the applicant said it. */
    public Edition said() {
        return said.obtain();
    }

    /** The settlements that stand. */
    public List<Settlement> settlements() {
        return settlements.obtain();
    }

    /** The newest edition with what the office knows of earlier claims, and the settlements that stand laid over it. */
    public Edition settled() {
        return settled.obtain();
    }

    /** What comes of it: the settled case determined; for a decided claim what was determined when it was decided. */
    public Run run() {
        return run.obtain();
    }

    /** All papers, as they came. */
    public List<Paper> papers() {
        return papers.obtain();
    }

    /** What the papers say, by paper. */
    public Map<UUID, Reading> readings() {
        return readings.obtain();
    }

    /** The documents that were seen as originals at the counter. */
    public List<Original> originals() {
        return originals.obtain();
    }

    /** The newest question to each register about each person. */
    public List<RegisterRequest> requests() {
        return requests.obtain();
    }

    /** Whether some register still has to answer, on whose silence nothing is decided. */
    public boolean isRegisterAwaited() {
        return requests().stream().anyMatch(RegisterRequest::isAwaited);
    }

    /** How people may be reached, by member; for staff only. */
    public Map<String, Contact> contacts() {
        return contacts.obtain();
    }

    /** Whether the person was asked if they filed it. */
    public Optional<Doubt> doubt() {
        return doubt.obtain();
    }

    /** What is owed by whom and by when, and what was, as it was asked. */
    public List<Ask> asks() {
        return asks.obtain();
    }

    /** What the applicant owes that is due first. */
    public Optional<Ask> firstAsk() {
        return asks().stream()
                .filter(ask -> ask.state().isOpen() && ask.kind().owedBy() == Wait.On.APPLICANT)
                .min(Comparator.comparing(Ask::dueOn));
    }

    /** What someone other than the applicant owes now. @param whom a member, or whom outside the household is asked */
    public Optional<Ask> openAskOf(String whom) {
        return asks().stream()
                .filter(ask -> ask.state().isOpen() && ask.whom().equals(whom))
                .findFirst();
    }

    /** Who applies. */
    public Member applicant() {
        return said().file().members().stream()
                .filter(member -> member.relationship() == Relationship.SELF)
                .findFirst()
                .orElseThrow();
    }

    /** How the applicant may be reached. */
    public Contact contact() {
        return contacts().getOrDefault(applicant().id(), Contact.UNKNOWN);
    }

    private static <T> SingletonSupplier<T> once(Supplier<T> read) {
        return SingletonSupplier.of(read);
    }
}
