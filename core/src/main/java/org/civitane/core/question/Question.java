package org.civitane.core.question;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Relationship;

/**
 * One thing that is asked.
 *
 * @param path where the answer stands: in the case file, or below the person when it is asked of each
 * @param widget how it is asked
 * @param required whether one can go on without an answer
 * @param options the answers to choose from, in order; empty for all but {@code CHOICE}
 * @param when shown only under this condition
 * @param parts what is asked within it: of each person, in each line, in a record, or once a {@code GROUP} is answered
 *     with yes
 * @param notOf people who are not asked it, by what they are to the applicant
 * @param otherwise the answer that stands when {@code when} keeps it from being asked; nothing stands without one
 */
public record Question(
        String path,
        Widget widget,
        boolean required,
        List<String> options,
        Optional<When> when,
        List<Question> parts,
        Set<Relationship> notOf,
        Optional<String> otherwise) {
    /** How many months {@link Widget#MONTHS} goes back. */
    public static final int MONTHS_BACK = 12;

    /** How a question is asked. */
    public enum Widget {
        TEXT,
        NUMBER,
        AMOUNT,
        /** Hours, with two decimals at most. */
        HOURS,
        DATE,
        MONTH,
        /** The name of a company or a person who employs people, which the register of employers may know. */
        EMPLOYER,
        /** What someone does for a living, typed in their words and chosen among the unit groups of ISCO-08. */
        OCCUPATION,
        /** One of the people of the household, by their id; the applicant when nobody is chosen. */
        MEMBER,
        /** Any number of lines, each with the parts. */
        ROWS,
        /**
         * Any number of periods, each {@code from} a day {@code to} another or going on; drawn on a line of as many years
         * before today as its one option says.
         */
        PERIODS,
        /**
         * The twelve months before this one, each with the one part; a month of which nothing is said is left out. Its
         * options name lists of months, beside it, in which each may stand as well.
         */
        MONTHS,
        /** Any number of names or words. */
        NAMES,
        /** The machine-readable lines of a passport or card, checked digit by digit. */
        ZONE,
        /** A photo of the applicant, chosen and cropped; what is known of the file is found out here. */
        PHOTO,
        /** Ticked or not; the one option, when there is one, is what a tick answers in place of yes. */
        YES_NO,
        CHOICE,
        /** Any number of the options. */
        SEVERAL,
        /** Yes or no; with yes, the parts are asked and their answers stand below the path. */
        GROUP,
        /** The parts, asked together; their answers stand below the path. */
        RECORD,
        /** The household: its people one after the other, with the parts asked of each. */
        PEOPLE,
        /** The parts, asked of each person of the household. */
        EACH_PERSON,
        /** Income lines of each adult, or the declaration that there are none. */
        INCOMES,
        /** What the household owns, line by line, or that it is nothing. */
        RESOURCES,
        /** What the household pays for, line by line, or that it is nothing. */
        EXPENSES,
        /** The name of whoever signs. */
        SIGNATURE,
        /** The last four digits of the signer's person number, or that they have none. */
        LAST_FOUR,
        /** Voluntary answers kept apart from the decision. */
        STATISTICS
    }

    /** Shown when the answer at {@code path}, beside this one or below a record beside it, is one of these. */
    public record When(String path, List<String> oneOf) {
        public When {
            oneOf = List.copyOf(oneOf);
        }

        /** Whether it is so when that is the answer at {@link #path}; nothing answered is the empty text. */
        public boolean holds(String answer) {
            return oneOf.contains(answer);
        }
    }

    public Question {
        options = List.copyOf(options);
        parts = List.copyOf(parts);
        notOf = Set.copyOf(notOf);
    }

    public static Question of(String path, Widget widget) {
        return new Question(path, widget, true, List.of(), Optional.empty(), List.of(), Set.of(), Optional.empty());
    }

    /**
     * Periods from one day to another, or going on.
     *
     * @param years how many years before today count
     */
    public static Question periods(String path, int years) {
        return new Question(
                path,
                Widget.PERIODS,
                true,
                List.of(String.valueOf(years)),
                Optional.empty(),
                List.of(of("from", Widget.DATE), of("to", Widget.DATE).optional()),
                Set.of(),
                Optional.empty());
    }

    /** A choice among the constants of an enumeration. */
    public static <E extends Enum<E>> Question choice(String path, Class<E> options) {
        return new Question(
                path, Widget.CHOICE, true, names(options), Optional.empty(), List.of(), Set.of(), Optional.empty());
    }

    /** A choice among some codes. */
    public static Question choice(String path, List<String> options) {
        return new Question(
                path, Widget.CHOICE, true, options, Optional.empty(), List.of(), Set.of(), Optional.empty());
    }

    /** Any number of the constants of an enumeration. */
    public static <E extends Enum<E>> Question several(String path, Class<E> options) {
        return new Question(
                path, Widget.SEVERAL, false, names(options), Optional.empty(), List.of(), Set.of(), Optional.empty());
    }

    /** A tick that answers no: the fact holds unless it is ticked. */
    public static Question tickedForNo(String path) {
        return new Question(
                path, Widget.YES_NO, false, List.of("false"), Optional.empty(), List.of(), Set.of(), Optional.empty());
    }

    /**
     * A value of each month, and whether the month stands in other lists.
     *
     * @param lists paths of lists of months beside this one
     */
    public static Question months(String path, Question value, String... lists) {
        return new Question(
                path,
                Widget.MONTHS,
                false,
                List.of(lists),
                Optional.empty(),
                List.of(value),
                Set.of(),
                Optional.empty());
    }

    private static <E extends Enum<E>> List<String> names(Class<E> options) {
        return Arrays.stream(options.getEnumConstants()).map(Enum::name).toList();
    }

    /** This question with parts asked within it. */
    public Question asking(Question... within) {
        return new Question(path, widget, required, options, when, List.of(within), notOf, otherwise);
    }

    public Question optional() {
        return new Question(path, widget, false, options, when, parts, notOf, otherwise);
    }

    public Question onlyWhen(String otherPath, String... oneOf) {
        When condition = new When(otherPath, List.of(oneOf));
        return new Question(path, widget, required, options, Optional.of(condition), parts, notOf, otherwise);
    }

    /** This question, whose answer is this one where it is not asked. */
    public Question otherwise(String answer) {
        return new Question(path, widget, required, options, when, parts, notOf, Optional.of(answer));
    }

    /** This question, which is not asked of people who are one of these to the applicant. */
    public Question notOf(Relationship... relationships) {
        return new Question(path, widget, required, options, when, parts, Set.of(relationships), otherwise);
    }
}
