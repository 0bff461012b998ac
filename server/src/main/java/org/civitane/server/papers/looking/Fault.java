package org.civitane.server.papers.looking;

/** Why a file cannot be looked at. */
enum Fault {
    DAMAGED("paper.damaged"),
    ENCRYPTED("paper.encrypted"),
    /** It would take more memory than a look may, or has more pixels than anybody sees. */
    TOO_LARGE("paper.pixels"),
    TOO_LONG("paper.too-long"),
    NO_PAGE("paper.no-page"),
    /** Nothing is known against the file: the look was ended from outside, or had no time on a busy machine. */
    ENDED("paper.not-now");

    private final String sentence;

    Fault(String sentence) {
        this.sentence = sentence;
    }

    /** The key of the sentence that tells it. */
    String sentence() {
        return sentence;
    }
}
