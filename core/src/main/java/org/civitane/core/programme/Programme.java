package org.civitane.core.programme;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.calendar.Deadline;
import org.civitane.core.casefile.CaseFile;
import org.civitane.core.evidence.EvidenceNeed;
import org.civitane.core.evidence.PaperKind;
import org.civitane.core.fact.Confirmed;
import org.civitane.core.fact.FactSpec;
import org.civitane.core.fact.FactSpecs;
import org.civitane.core.fact.Lack;
import org.civitane.core.fact.ReportedWages;
import org.civitane.core.policy.PolicyBook;
import org.civitane.core.reasoning.FactPath;
import org.civitane.core.reasoning.Figures;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Wording;

/**
 * Everything there is to know about one programme: what it asks, what it needs to see, how it decides, and its words.
 * One package holds each; the {@link Catalogue} names them.
 *
 * @param <C> the programme's case record. Its components are the fields of the case file, by name.
 */
public interface Programme<C extends CaseFile> {
    int DAYS_TO_LOOK = 5;

    /** Business days that are left at least to find papers. */
    int DAYS_TO_FIND = 2;

    /** The programme's name in case files, such as {@code school-meals}. */
    String id();

    /** Two letters that begin the numbers of its claims. */
    String numberPrefix();

    Class<C> caseType();

    /**
     * Determines a case.
     *
     * @throws org.civitane.core.policy.NoPolicyInForce when the received date is before the first version of a table
     */
    Determination determine(C file, PolicyBook book, Reasoning why);

    /** The form by which people apply themselves; empty for a programme that is taken as case files only. */
    default Optional<OnlineForm<C>> form() {
        return Optional.empty();
    }

    /** Whether its form asks for days that can be painted on a calendar. */
    default boolean isAboutDays() {
        return form().flatMap(OnlineForm::painted).isPresent();
    }

    /**
     * Which papers a claim needs before it can be decided.
     *
     * @param determination of this case file, since some papers are wanted only for figures that count
     */
    default List<EvidenceNeed> evidenceNeeds(C file, Determination determination) {
        return List.of();
    }

    /** The kinds of paper that {@link #evidenceNeeds} may name. */
    default List<PaperKind> papers() {
        return List.of();
    }

    /** The facts of an application, in the order of its record. */
    default List<FactSpec> facts() {
        return FactSpecs.of(caseType());
    }

    /** The statement that the benefit register is asked to confirm; empty where none is made. */
    default Optional<Confirmed> confirmedByRegister() {
        return Optional.empty();
    }

    /** The wages that the wage register reports for a programme; empty where it is asked about stated income, or not at all. */
    default Optional<ReportedWages> reportedWages() {
        return Optional.empty();
    }

    /** The fact that the identity check settles, where the rules ask for its result; empty where they do not. */
    default Optional<String> identityFact() {
        return Optional.empty();
    }

    /** The fact that the police register's answer settles; empty for a programme that does not ask it. */
    default Optional<String> policeFact() {
        return Optional.empty();
    }

    /**
     * What an estimate takes for granted, by fact: what this office or a register finds out only once it is handed in.
     */
    default Map<String, String> takenForGranted() {
        return Map.of();
    }

    /** The fact that says when a document was made out, on which its validity hangs; empty where none is made out. */
    default Optional<String> issuedFact() {
        return Optional.empty();
    }

    /** The step of the working that adds up the fee, where one is asked for. */
    default String feeStep() {
        return "fee";
    }

    /** What each code of {@code missing} means. */
    List<Lack> lacks();

    /**
     * What a code of {@code missing} means.
     *
     * @param missing with its subject, if it has one
     * @throws IllegalArgumentException when this programme has no such code
     */
    default Lack lackOf(String missing) {
        return lacks().stream()
                .filter(lack -> lack.isMeantBy(missing))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(id() + " lacks nothing called " + missing + "."));
    }

    /** What each of its results means, by the chapter's word. */
    Map<String, Finding> findings();

    /**
     * What a result means.
     *
     * @throws IllegalArgumentException when this programme has no such result
     */
    default Finding findingOf(Outcome outcome) {
        return Optional.ofNullable(findings().get(outcome.result()))
                .orElseThrow(() -> new IllegalArgumentException(id() + " has no result " + outcome.result() + "."));
    }

    /** Whether a household cannot wait for everything to be looked at. */
    default boolean isUrgent(Determination determination) {
        return false;
    }

    /** Names of the facts that whoever signs with the applicant shares with them, and so sees before signing. */
    default Set<String> shared() {
        return Set.of();
    }

    /** Whom outside the household a claim asks. */
    default List<Outsider> outsiders() {
        return List.of();
    }

    /**
     * By when the papers of a claim are wanted: five business days before it is to be decided, so that they can be
     * looked at. Where that leaves nobody the time to find them it is two business days after it was received, or the
     * last business day before it is to be decided.
     */
    default LocalDate papersWantedBy(LocalDate receivedOn, LocalDate dueBy) {
        LocalDate usual = BusinessCalendar.minusBusinessDays(dueBy, DAYS_TO_LOOK);
        LocalDate found = BusinessCalendar.plusBusinessDays(receivedOn, DAYS_TO_FIND);
        LocalDate last = BusinessCalendar.minusBusinessDays(dueBy, 1);
        LocalDate soonest = found.isAfter(last) ? last : found;
        LocalDate day = usual.isBefore(soonest) ? soonest : usual;
        return day.isBefore(receivedOn) ? receivedOn : day;
    }

    /** How often, and by how much, a date set for the applicant may be extended (rulebook 0.3). */
    default Deadline.Allowance extensions() {
        return Deadline.Allowance.USUAL;
    }

    /**
     * The season for which a household may apply once, such as a school year; empty when there is no such rule.
     */
    default Optional<String> season(LocalDate receivedOn) {
        return Optional.empty();
    }

    /**
     * What follows a decision, the first day first; nothing where the outcome grants nothing that is paid or looked at
     * again.
     *
     * @param decidedOn the day of the decision; nothing is due before the business day after it
     */
    default List<Consequence> consequences(Determination determination, LocalDate decidedOn) {
        return List.of();
    }

    /** The fact that lists what the same person has had of this programme before; empty where that does not matter. */
    default Optional<String> earlierFact() {
        return Optional.empty();
    }

    /**
     * What a claim is to later ones of the same person: a line of the {@link #earlierFact}, each part as the case file
     * has it; empty where it takes nothing from them.
     *
     * @param decided whether it was decided, and is not just asked for
     */
    default Optional<Map<String, String>> asEarlier(Determination determination, boolean decided) {
        return Optional.empty();
    }

    /**
     * The days of a case that another of the same person takes up already, in order; none where two cases do not get in
     * each other's way.
     */
    default List<LocalDate> overlap(C file, C other) {
        return List.of();
    }

    /**
     * The days that a case is about, for a calendar; empty where it is about none, or as long as too little is said.
     *
     * @param determination of this case file
     * @param today the day on which it would be decided
     */
    default Optional<DayPlan> plan(C file, Determination determination, PolicyBook book, LocalDate today) {
        return Optional.empty();
    }

    /** The figures that each payment of an outcome comes from, in order, for a statement; empty where it is just an amount. */
    default Map<PaidFor, Figures> behindPayments(Outcome outcome) {
        return Map.of();
    }

    /**
     * The weeks whose hours are told once each is over, because what was granted rests on hours that were planned; none
     * where nothing is told. They are told by the days of the form's {@link OnlineForm#painted}.
     *
     * @param determination of this case file
     */
    default List<PaidFor.Week> toldWeeks(C file, Determination determination) {
        return List.of();
    }

    /** What a week has beyond what others certify; empty where it has nothing, or nobody certifies anything. */
    default Optional<Beyond> beyondCertified(C file, PaidFor.Week week) {
        return Optional.empty();
    }

    /** The facts that stand in a document beside whose it is, by their paths; its words are {@code document.…}. */
    default List<FactPath> shownIn(String document) {
        return List.of();
    }

    /** How many of a document were asked for, each numbered; at least 1. */
    default int copies(C file) {
        return 1;
    }

    /** How a document that was made out reaches whoever asked for it; nothing where none is made out. */
    default Optional<Consequence.HandOver> handOver(C file, LocalDate issuedOn) {
        return Optional.empty();
    }

    /** The figure that decides most, with the limits it is held against; empty where no one figure does. */
    default Optional<Scale> scale() {
        return Optional.empty();
    }

    /** The programme's texts: the bundle {@code wording} beside its class. */
    default Wording wording(Locale locale) {
        return Wording.of(getClass().getPackageName() + ".wording", locale);
    }
}
