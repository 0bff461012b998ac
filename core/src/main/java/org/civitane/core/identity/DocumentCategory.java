package org.civitane.core.identity;

/** What a document counts for. */
public enum DocumentCategory {
    /** Shows who its holder is, by a picture. */
    PHOTO,
    /** Shows that its holder lives and works under that name. */
    SECOND,
    /** Counts for neither. */
    NONE
}
