package org.civitane.core.programme.housinglist;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.civitane.core.casefile.Person;

/**
 * Who looks for a home together (chapter, Household).
 *
 * @param members without live-in carers, in the order given
 * @param children under 18 who are neither the applicant nor the partner
 * @param expected how many children are yet to be born
 * @param carers how many live-in carers there are
 */
record Household(
        List<HousingMember> members,
        HousingMember applicant,
        Optional<HousingMember> partner,
        List<HousingMember> children,
        int expected,
        int carers,
        LocalDate receivedOn) {
    static Household of(HousingListCase file, HousingListPolicy policy) {
        LocalDate receivedOn = file.receivedOn();
        List<HousingMember> members =
                file.members().stream().filter(each -> !each.liveInCarer()).toList();
        HousingMember applicant = Person.applicantOf(members);
        Optional<HousingMember> partner =
                members.stream().filter(HousingMember::isPartner).findFirst();
        List<HousingMember> children = members.stream()
                .filter(each -> !each.equals(applicant) && !partner.equals(Optional.of(each)))
                .filter(each -> !each.isAdultOn(receivedOn))
                .toList();
        LocalDate earliest = receivedOn.minusDays(policy.expectedDays);
        long expected = members.stream()
                .flatMap(each -> each.expecting().stream())
                .filter(due -> !due.isBefore(earliest))
                .count();
        return new Household(
                members,
                applicant,
                partner,
                children,
                (int) expected,
                file.members().size() - members.size(),
                receivedOn);
    }

    int size() {
        return members.size();
    }

    List<HousingMember> adults() {
        return members.stream().filter(each -> each.isAdultOn(receivedOn)).toList();
    }

    /** The adults who are neither the applicant nor the partner: each has a room of their own. */
    long otherAdults() {
        return adults().stream()
                .filter(each -> !each.equals(applicant) && !partner.equals(Optional.of(each)))
                .count();
    }

    /** The rooms in which all sleep (chapter, Bedrooms). */
    int bedroomsNeeded(int shareUnder) {
        return (int) (1 + otherAdults() + carers + ChildrensRooms.fewest(children, expected, shareUnder, receivedOn));
    }
}
