package org.civitane.server.platform;

/** Ways to reach someone, covered so far that only whoever knows them recognises them. */
public final class Masked {
    private static final int LAST = 2;
    private static final String COVER = "•••";

    private Masked() {}

    /** {@code runa@post.example} is {@code r•••@post.example}. */
    public static String email(String email) {
        int at = email.indexOf('@');
        return at < 1 ? "" : email.substring(0, 1) + COVER + email.substring(at);
    }

    /** {@code +4791234567} is {@code ••• 67}; empty when it is. */
    public static String phone(String phone) {
        return phone.length() <= LAST ? "" : COVER + " " + phone.substring(phone.length() - LAST);
    }
}
