package org.civitane.server.demo;

/** What is off about a household, so that every verdict, fault and kind of difference can be shown. */
enum DemoTwist {
    /** Nothing: said, shown and on record agree. */
    NONE,
    OUTDATED_RECORD,
    MISSTATED,
    DISPUTED,
    HIDDEN_PAY,
    UNDISCLOSED,
    UNSUPPORTED,
    /** Differs, but so far within the limits that nothing hangs on it. */
    IMMATERIAL,
    GAP_IN_SLIPS,
    BIRTH_SWAPPED,
    BIRTH_ONE_DIGIT,
    FORMER_NAME,
    NAME_SPELT_OTHERWISE,
    SOMEONE_ELSES_NUMBER,
    NOT_IN_REGISTER,
    DECEASED,
    CARD_EXPIRED,
    CARD_ZONE_WRONG,
    CARD_OF_ANOTHER,
    URGENT;

    /** The first household that has one; one for each follows. */
    static final int FIRST = 90;

    static DemoTwist of(int household) {
        return household < FIRST ? NONE : values()[(household - FIRST) % values().length];
    }

    /** Whether the card is at fault; then nothing but papers can show who they are. */
    boolean isAboutCard() {
        return this == CARD_EXPIRED || this == CARD_ZONE_WRONG || this == CARD_OF_ANOTHER;
    }

    /** Whether it is about who the applicant is, and not about what they earn. */
    boolean isAboutIdentity() {
        return ordinal() >= BIRTH_SWAPPED.ordinal() && this != URGENT;
    }
}
