package org.civitane.core.programme.legalhelp;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.civitane.core.person.Names;
import org.civitane.core.programme.legalhelp.LegalHelpCase.KnownParty;

/**
 * Whether the office acts, or acted, for the other side (chapter, Conflict). All that ever leaves this class is that one
 * yes or no: never who, how many, or by which of the person's answers, so nothing of it is taken down as working either.
 */
final class Conflict {
    private record Somebody(String name, Optional<LocalDate> born) {}

    private Conflict() {}

    /** Whether there is a hit that no supervisor has looked at. */
    static boolean isUnreviewed(LegalHelpCase file) {
        return file.conflictReview().isEmpty() && isHit(file);
    }

    private static boolean isHit(LegalHelpCase file) {
        List<KnownParty> known = file.knownParties().orElse(List.of());
        Somebody applicant = ofMember(file.applicant());
        return known.stream().anyMatch(party -> switch (party.role()) {
            case OPPONENT -> mayBeOne(applicant, party);
            case CLIENT -> opponents(file).anyMatch(each -> mayBeOne(each, party));
        });
    }

    private static Stream<Somebody> opponents(LegalHelpCase file) {
        return Stream.concat(
                file.opponents().orElse(List.of()).stream()
                        .map(opponent -> new Somebody(opponent.name(), opponent.dateOfBirth())),
                file.members().stream().filter(file::isAccused).map(Conflict::ofMember));
    }

    private static Somebody ofMember(LegalMember member) {
        return new Somebody(member.name().full(), Optional.of(member.dateOfBirth()));
    }

    private static boolean mayBeOne(Somebody one, KnownParty party) {
        boolean bothKnown = one.born().isPresent() && party.dateOfBirth().isPresent();
        boolean equal = bothKnown && one.born().equals(party.dateOfBirth());
        return switch (Names.compare(one.name(), party.name())) {
            case MATCH -> equal || !bothKnown;
            case NEAR -> equal;
            case CONFLICT, ABSENT -> false;
        };
    }
}
