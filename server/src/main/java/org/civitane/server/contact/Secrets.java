package org.civitane.server.contact;

import java.util.UUID;

/** Fills links and codes into word that leaves, so that they stand nowhere else. */
public interface Secrets {
    /**
     * A text as it leaves. A secret is made anew each time.
     *
     * @param of whose secret it is, as it was given when the word was made
     * @param text with the places of secrets
     */
    String fill(UUID of, Notices.Channel channel, String text);
}
