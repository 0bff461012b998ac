package org.civitane.server.claims;

import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;
import org.civitane.server.platform.Phrase;

/**
 * Who did something, as the history names them.
 *
 * @param name a person's name, or what a part of the system is called
 */
public record Actor(Phrase name) {
    /** The system itself, when a date passed. */
    public static final Actor CALENDAR = part("actor.calendar");

    /** Someone who is signed in; a supervisor is named as one, since they may act on any claim. */
    public static Actor of(SignedIn who) {
        return who.role() == Role.SUPERVISOR ? supervisor(who.displayName()) : called(who.displayName());
    }

    /** A supervisor of that name. */
    static Actor supervisor(String name) {
        return part("actor.supervisor", name);
    }

    /** Someone of that name. */
    public static Actor called(String name) {
        return new Actor(Phrase.text(name));
    }

    /** A part of the system, by the code of what it is called. */
    public static Actor part(String code, Object... values) {
        return new Actor(Phrase.of(code, values));
    }
}
