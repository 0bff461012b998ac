package org.civitane.core.programme.namechange;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.civitane.core.casefile.Person;
import org.civitane.core.person.Names;
import org.civitane.core.programme.namechange.NameChangeCase.Deed;
import org.civitane.core.programme.namechange.NameChangeCase.FullName;
import org.civitane.core.programme.namechange.NameChangeCase.Ground;

/** Whether a deed is the one that a ground needs, and bears the new name out (chapter, Deed). */
final class DeedCheck {
    private DeedCheck() {}

    /** The kind of deed that a ground needs; empty where it needs none. */
    static Optional<Deed.Kind> needed(Ground ground) {
        return switch (ground) {
            case MARRIAGE -> Optional.of(Deed.Kind.MARRIAGE_CERTIFICATE);
            case DIVORCE -> Optional.of(Deed.Kind.DIVORCE_DECREE);
            case CORRECTION -> Optional.of(Deed.Kind.BIRTH_CERTIFICATE);
            case ADOPTION -> Optional.of(Deed.Kind.ADOPTION_ORDER);
            case GENDER, PREFERENCE -> Optional.empty();
        };
    }

    /** @param deed of the kind that the ground needs */
    static boolean bearsOut(Ground ground, Deed deed, FullName newName, Person bearer) {
        return switch (ground) {
            case MARRIAGE, DIVORCE ->
                bearsOutFamilyName(deed, newName, Optional.of(bearer))
                        && isSame(newName.givenName(), bearer.givenName());
            case ADOPTION -> bearsOutFamilyName(deed, newName, Optional.empty());
            case CORRECTION -> deed.names().stream().anyMatch(named -> isSame(newName.full(), named.full()));
            case GENDER, PREFERENCE -> true;
        };
    }

    private static boolean bearsOutFamilyName(Deed deed, FullName newName, Optional<Person> bearer) {
        Set<String> known = new HashSet<>();
        deed.names().forEach(named -> known.addAll(Names.tokens(named.familyName())));
        bearer.ifPresent(person -> known.addAll(Names.tokens(person.familyName())));
        return known.containsAll(Names.tokens(newName.familyName()));
    }

    /** A name without tokens is left to the desk's eye. */
    private static boolean isSame(String one, String other) {
        Names.Verdict verdict = Names.compare(one, other);
        return verdict == Names.Verdict.MATCH || verdict == Names.Verdict.ABSENT;
    }
}
