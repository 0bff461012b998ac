package org.civitane.core.programme.supportintake;

import static org.civitane.core.programme.supportintake.Adjustment.ACCESSIBLE_ROOM;
import static org.civitane.core.programme.supportintake.Adjustment.CAPTIONS;
import static org.civitane.core.programme.supportintake.Adjustment.ENLARGED_PRINT;
import static org.civitane.core.programme.supportintake.Adjustment.EXTRA_TIME_25;
import static org.civitane.core.programme.supportintake.Adjustment.FLEXIBLE_DEADLINES;
import static org.civitane.core.programme.supportintake.Adjustment.FRONT_SEAT;
import static org.civitane.core.programme.supportintake.Adjustment.KEYBOARD;
import static org.civitane.core.programme.supportintake.Adjustment.NOTE_SHARING;
import static org.civitane.core.programme.supportintake.Adjustment.QUIET_ROOM;
import static org.civitane.core.programme.supportintake.Adjustment.RECORDING;
import static org.civitane.core.programme.supportintake.Adjustment.SCREEN_READER;
import static org.civitane.core.programme.supportintake.Adjustment.SCRIBE;
import static org.civitane.core.programme.supportintake.Adjustment.TEXT_TO_SPEECH;

import java.util.List;

/** What is made hard, in the order in which the chapter takes it, with the adjustments it suggests. */
public enum MadeHard {
    READING(TEXT_TO_SPEECH, ENLARGED_PRINT),
    WRITING(KEYBOARD, SCRIBE),
    NOTES(NOTE_SHARING, RECORDING),
    TESTS(EXTRA_TIME_25, QUIET_ROOM),
    MOVING(ACCESSIBLE_ROOM),
    SEEING(ENLARGED_PRINT, SCREEN_READER),
    HEARING(CAPTIONS, FRONT_SEAT),
    ATTENDING(FLEXIBLE_DEADLINES),
    SOCIAL(QUIET_ROOM);

    private final List<Adjustment> suggested;

    MadeHard(Adjustment... suggested) {
        this.suggested = List.of(suggested);
    }

    List<Adjustment> suggested() {
        return suggested;
    }
}
