package org.civitane.server.access;

import java.util.UUID;

/** What still belongs to someone of the staff, told by those who keep it. */
public interface OpenWork {
    /** How many claims that are not decided belong to an account. */
    int of(UUID account);
}
