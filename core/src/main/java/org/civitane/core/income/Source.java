package org.civitane.core.income;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.civitane.core.person.Names;
import org.civitane.core.reasoning.CodePoints;

/**
 * A source of wages: a member and an employer.
 *
 * @param employer the employer's normalised name without its legal form, so that spellings of one name are one
 */
record Source(String member, String employer) {
    /** By member, then by employer, by code point. */
    static final Comparator<Source> ORDER =
            Comparator.comparing(Source::member, CodePoints.ORDER).thenComparing(Source::employer, CodePoints.ORDER);

    private static final Set<String> LEGAL_FORMS = Set.of("LTD", "LLC", "PLC", "INC", "SA", "LDA", "GMBH", "CO");
    private static final List<List<String>> SPACED_FORMS = List.of(List.of("S", "A"), List.of("L", "D", "A"));

    static Source of(String member, String employer) {
        List<String> words = Names.tokens(employer);
        int kept = words.size();
        for (int dropped = droppable(words); dropped > 0; dropped = droppable(words.subList(0, kept))) {
            kept -= dropped;
        }
        return new Source(member, String.join(" ", words.subList(0, kept)));
    }

    /** How many words at the end are a legal form; the first word of a name never is. */
    private static int droppable(List<String> words) {
        if (words.size() > 1 && LEGAL_FORMS.contains(words.getLast())) {
            return 1;
        }
        for (List<String> form : SPACED_FORMS) {
            int before = words.size() - form.size();
            if (before > 0 && words.subList(before, words.size()).equals(form)) {
                return form.size();
            }
        }
        return 0;
    }
}
