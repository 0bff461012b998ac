package org.civitane.core.programme.foodassistance;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.civitane.core.casefile.Relationship;
import org.civitane.core.reasoning.Reasoning;
import org.civitane.core.reasoning.Rule;
import org.civitane.core.reasoning.Value;

/**
 * Who buys and prepares food together and applies.
 *
 * @param people the members of the unit
 * @param excluded those who would be in but do not apply
 * @param applicant the id for lines that name nobody
 * @param isProtected someone in the unit is old or disabled
 */
record Unit(List<FoodMember> people, List<FoodMember> excluded, String applicant, boolean isProtected) {
    private static final Rule RULE = new Rule(FoodAssistance.ID, "Unit");

    static Unit of(FoodAssistanceCase file, LocalDate receivedOn, FoodAssistancePolicy policy, Reasoning why) {
        List<FoodMember> people = new ArrayList<>(file.members().size());
        List<FoodMember> excluded = new ArrayList<>(2);
        for (FoodMember member : file.members()) {
            if (!belongs(member, receivedOn, policy)) {
                step(why, "apart", member);
            } else if (member.notApplying()) {
                excluded.add(member);
                step(why, "excluded", member);
            } else {
                people.add(member);
            }
        }
        why.count(
                "unitSize",
                people.size(),
                RULE,
                s -> s.input("members", file.members().size()));
        boolean isProtected = why.holds(
                "protected",
                hasProtectedPerson(people, receivedOn, policy),
                RULE,
                s -> s.input("age", policy.protectedFrom));
        return new Unit(people, excluded, file.applicant().id(), isProtected);
    }

    int size() {
        return people.size();
    }

    boolean isEmpty() {
        return people.isEmpty();
    }

    boolean includes(String id) {
        return named(people, id);
    }

    boolean excludes(String id) {
        return named(excluded, id);
    }

    /** Whether lines that name this member count: they are in the unit or excluded. */
    boolean counts(String id) {
        return includes(id) || excludes(id);
    }

    static boolean isOldOrDisabled(FoodMember member, LocalDate receivedOn, FoodAssistancePolicy policy) {
        return member.disabled() || member.ageOn(receivedOn) >= policy.protectedFrom;
    }

    private static boolean belongs(FoodMember member, LocalDate receivedOn, FoodAssistancePolicy policy) {
        return switch (member.relationship()) {
            case SELF, SPOUSE, PARTNER -> true;
            case CHILD -> sharesMeals(member) || member.ageOn(receivedOn) < policy.childUnder;
            case PARENT, SIBLING, OTHER_RELATIVE, UNRELATED -> sharesMeals(member);
        };
    }

    private static boolean sharesMeals(FoodMember member) {
        return member.sharesMeals().orElse(true);
    }

    private static boolean hasProtectedPerson(
            List<FoodMember> people, LocalDate receivedOn, FoodAssistancePolicy policy) {
        for (FoodMember person : people) {
            if (isOldOrDisabled(person, receivedOn, policy)) {
                return true;
            }
        }
        return false;
    }

    private static boolean named(List<FoodMember> members, String id) {
        for (int i = 0; i < members.size(); i++) {
            if (members.get(i).id().equals(id)) {
                return true;
            }
        }
        return false;
    }

    private static void step(Reasoning why, String code, FoodMember member) {
        String fact =
                member.relationship() == Relationship.SELF || member.notApplying() ? "notApplying" : "sharesMeals";
        why.step(code, Value.of(member.id()), RULE, s -> s.fact("members", member.id(), fact));
    }
}
