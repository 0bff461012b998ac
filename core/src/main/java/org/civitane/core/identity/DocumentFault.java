package org.civitane.core.identity;

/** Why a document cannot be used, in the order in which faults are reported. */
public enum DocumentFault {
    UNREADABLE,
    /** Its type counts for nothing. */
    NOT_ACCEPTED,
    EXPIRED,
    /** A photo document that does not say until when it holds. */
    NO_EXPIRY,
    TOO_OLD,
    /** The machine-readable zone is misshapen, or a check digit is wrong. */
    MRZ_CHECK,
    /** The machine-readable zone says something else than the document. */
    MRZ_DIFFERS,
    /** It is made out to somebody else. */
    NAME,
    BIRTH_DATE
}
