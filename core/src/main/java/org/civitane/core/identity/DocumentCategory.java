package org.civitane.core.identity;

/** What a document counts for. */
public enum DocumentCategory {
    /** Shows who its holder is, by a picture. */
    PHOTO(2),
    /** Shows that its holder lives and works under that name. */
    SECOND(4),
    /** Counts for neither. */
    NONE(4);

    private final int most;

    DocumentCategory(int most) {
        this.most = most;
    }

    /** How many documents of it a person may send to say who they are. */
    public int most() {
        return most;
    }
}
