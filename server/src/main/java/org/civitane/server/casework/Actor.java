package org.civitane.server.casework;

import org.civitane.server.access.Role;
import org.civitane.server.access.SignedIn;

/**
 * Who did something, as the history names them.
 *
 * @param name a person's name, or what a part of the system is called
 */
public record Actor(String name) {
    /** The system itself, when a date passed. */
    public static final Actor CALENDAR = new Actor("The calendar");

    /** Someone who is signed in; a supervisor is named as one, since they may act on any claim. */
    public static Actor of(SignedIn who) {
        return new Actor(who.role() == Role.SUPERVISOR ? who.displayName() + " (supervisor)" : who.displayName());
    }
}
