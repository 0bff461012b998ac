package org.civitane.core.casefile;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.civitane.core.calendar.BusinessCalendar;
import org.civitane.core.fault.Fault;

/** Checks that the constructors of case records make: one applicant, no id twice, no id of nobody. */
public final class Facts {
    private static final int FEW = 12;
    private static final int OLDEST = 130;

    private Facts() {}

    /**
     * What holds for the case file of every programme.
     *
     * @throws InvalidFact at the first fact that breaks it
     */
    public static void check(
            LocalDateTime receivedAt,
            List<? extends Member> members,
            List<IncomeLine> incomes,
            List<String> noIncomeDeclared,
            List<Signature> signatures) {
        checkApplicant(members);
        checkBirths(members, BusinessCalendar.received(receivedAt));
        checkUnique("/members", members, Member::id);
        checkUnique("/incomes", incomes, IncomeLine::id);
        for (int i = 0; i < incomes.size(); i++) {
            checkMember(members, incomes.get(i).member(), "/incomes/", i, "/member");
        }
        for (int i = 0; i < noIncomeDeclared.size(); i++) {
            checkMember(members, noIncomeDeclared.get(i), "/noIncomeDeclared/", i, "");
        }
        for (int i = 0; i < signatures.size(); i++) {
            checkMember(members, signatures.get(i).member(), "/signatures/", i, "/member");
        }
    }

    /** @throws InvalidFact at the first resource whose owner is no member */
    public static void checkOwners(List<? extends Member> members, Optional<List<Resource>> resources) {
        checkNamed(members, resources.orElse(List.of()), Resource::owner, "/resources/", "/owner");
    }

    /** @throws InvalidFact at the first expense that is for no member */
    public static void checkExpenses(List<? extends Member> members, List<Expense> expenses) {
        checkNamed(members, expenses, Expense::member, "/expenses/", "/for");
    }

    /**
     * Whoever is named in lines is a member.
     *
     * @param before the pointer of the list, with a slash behind it
     * @param after where in a line it stands
     * @throws InvalidFact at the first that is none
     */
    public static <T> void checkNamed(
            List<? extends Member> members,
            List<T> lines,
            Function<T, Optional<String>> named,
            String before,
            String after) {
        for (int i = 0; i < lines.size(); i++) {
            Optional<String> member = named.apply(lines.get(i));
            if (member.isPresent()) {
                checkMember(members, member.get(), before, i, after);
            }
        }
    }

    /**
     * No two elements of a list have the same id.
     *
     * @param list the pointer of the list
     * @throws InvalidFact at the second of two
     */
    public static <T> void checkUnique(String list, List<? extends T> elements, Function<T, String> id) {
        if (elements.size() <= FEW) {
            checkUniqueAmongFew(list, elements, id);
            return;
        }
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < elements.size(); i++) {
            if (!seen.add(id.apply(elements.get(i)))) {
                throw usedTwice(list, i, id.apply(elements.get(i)));
            }
        }
    }

    /** @throws InvalidFact at {@code pointer} when a number is below {@code least} */
    public static void checkAtLeast(long least, long number, String pointer) {
        if (number < least) {
            throw new InvalidFact(pointer, Fault.of("at-least", least, number));
        }
    }

    /**
     * No two lines are the same in what tells them apart.
     *
     * @param before the pointer of the list, with a slash behind it
     * @param after where in a line it stands
     * @throws InvalidFact at the second of two
     */
    public static <T> void checkOnce(List<T> lines, Function<T, ?> by, String before, String after) {
        Set<Object> seen = new HashSet<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!seen.add(by.apply(lines.get(i)))) {
                throw new InvalidFact(before + i + after, Fault.of("twice"));
            }
        }
    }

    /** @throws InvalidFact at {@code /decidedOn} when a case is decided before it is received */
    public static void checkDecided(LocalDateTime receivedAt, Optional<LocalDate> decidedOn) {
        checkNotBefore(receivedAt, decidedOn, "/decidedOn");
    }

    /** @throws InvalidFact at {@code pointer} when a day lies before the received date */
    public static void checkNotBefore(LocalDateTime receivedAt, Optional<LocalDate> day, String pointer) {
        LocalDate receivedOn = BusinessCalendar.received(receivedAt);
        if (day.filter(each -> each.isBefore(receivedOn)).isPresent()) {
            throw new InvalidFact(pointer, Fault.of("before-received", receivedOn));
        }
    }

    /** @throws InvalidFact at {@code pointer} when a day lies after the received date */
    public static void checkNotAfter(LocalDateTime receivedAt, Optional<LocalDate> day, String pointer) {
        LocalDate receivedOn = BusinessCalendar.received(receivedAt);
        if (day.filter(each -> each.isAfter(receivedOn)).isPresent()) {
            throw new InvalidFact(pointer, Fault.of("after-received", receivedOn));
        }
    }

    /** @throws InvalidFact at {@code pointer} when an id is nobody's */
    public static void checkMember(List<? extends Member> members, Optional<String> id, String pointer) {
        if (id.filter(each -> members.stream().noneMatch(member -> member.id().equals(each)))
                .isPresent()) {
            throw new InvalidFact(pointer, Fault.of("no-member", id.get()));
        }
    }

    /** A copy that nothing changes, or empty. */
    public static <T> Optional<List<T>> copyOf(Optional<? extends Collection<T>> list) {
        return list.map(List::copyOf);
    }

    private static void checkApplicant(List<? extends Member> members) {
        boolean applicant = false;
        for (int i = 0; i < members.size(); i++) {
            if (members.get(i).relationship() == Relationship.SELF) {
                if (applicant) {
                    throw new InvalidFact("/members/" + i + "/relationship", Fault.of("second-applicant"));
                }
                applicant = true;
            }
        }
        if (!applicant) {
            throw new InvalidFact("/members", Fault.of("no-applicant"));
        }
    }

    /** Nobody applies with someone who is not born yet, or was born longer ago than people live. */
    private static void checkBirths(List<? extends Member> members, LocalDate receivedOn) {
        LocalDate earliest = receivedOn.minusYears(OLDEST);
        for (int i = 0; i < members.size(); i++) {
            LocalDate born = members.get(i).dateOfBirth();
            if (born.isAfter(receivedOn)) {
                throw new InvalidFact("/members/" + i + "/dateOfBirth", Fault.of("not-born", born, receivedOn));
            }
            if (born.isBefore(earliest)) {
                throw new InvalidFact("/members/" + i + "/dateOfBirth", Fault.of("too-old", born, OLDEST));
            }
        }
    }

    private static <T> void checkUniqueAmongFew(String list, List<? extends T> elements, Function<T, String> id) {
        for (int i = 1; i < elements.size(); i++) {
            String own = id.apply(elements.get(i));
            for (int j = 0; j < i; j++) {
                if (own.equals(id.apply(elements.get(j)))) {
                    throw usedTwice(list, i, own);
                }
            }
        }
    }

    private static InvalidFact usedTwice(String list, int i, String id) {
        return new InvalidFact(list + "/" + i + "/id", Fault.of("id-twice", id));
    }

    private static void checkMember(List<? extends Member> members, String id, String before, int i, String after) {
        for (Member member : members) {
            if (member.id().equals(id)) {
                return;
            }
        }
        throw new InvalidFact(before + i + after, Fault.of("no-member", id));
    }
}
