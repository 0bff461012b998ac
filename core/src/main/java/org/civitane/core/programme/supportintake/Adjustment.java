package org.civitane.core.programme.supportintake;

/** What can be made easier; a start for the conversation, never a decision (chapter, Suggested). */
enum Adjustment {
    TEXT_TO_SPEECH,
    ENLARGED_PRINT,
    KEYBOARD,
    SCRIBE,
    NOTE_SHARING,
    RECORDING,
    EXTRA_TIME_25,
    QUIET_ROOM,
    ACCESSIBLE_ROOM,
    SCREEN_READER,
    CAPTIONS,
    FRONT_SEAT,
    FLEXIBLE_DEADLINES
}
