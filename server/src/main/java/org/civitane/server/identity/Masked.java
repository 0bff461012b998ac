package org.civitane.server.identity;

/** Ways to reach someone, covered so far that only whoever knows them recognises them. */
final class Masked {
    private static final int LAST = 2;
    private static final String COVER = "•••";

    private Masked() {}

    /** {@code runa@post.example} is {@code r•••@post.example}. */
    static String email(String email) {
        int at = email.indexOf('@');
        return at < 1 ? "" : email.substring(0, 1) + COVER + email.substring(at);
    }

    /** {@code +4791234567} is {@code ••• 67}; empty when it is. */
    static String phone(String phone) {
        return phone.length() <= LAST ? "" : COVER + " " + phone.substring(phone.length() - LAST);
    }
}
