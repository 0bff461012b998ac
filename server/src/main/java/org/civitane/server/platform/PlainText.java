package org.civitane.server.platform;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * Texts as people write them. What cannot be seen and changes what is seen, or what no program can keep, is refused;
 * marks that only help to lay out a line of mixed directions are dropped.
 */
public final class PlainText {
    private static final String DROPPED = "[\\u200E\\u200F\\u061C]";

    private PlainText() {}

    /** Why a text is refused. */
    public enum Fault {
        /** A control character, half of a pair, or what is no character at all. */
        CONTROL,
        /** A line break or tab where a text stands on one line. */
        LINE_BREAK,
        /** An embedding, override or isolate, which turns the direction of what follows. */
        DIRECTION
    }

    /** The text without the marks that are dropped. */
    public static String cleaned(String text) {
        return text.replaceAll(DROPPED, "");
    }

    /** The first fault, if there is one. @param lines whether the text may have several lines */
    public static Optional<Fault> faultOf(String text, boolean lines) {
        OptionalInt first =
                text.codePoints().filter(each -> isFault(each, lines)).findFirst();
        return first.isPresent() ? Optional.of(kindOf(first.getAsInt())) : Optional.empty();
    }

    private static boolean isFault(int point, boolean lines) {
        return isLineBreak(point) ? !lines : isControl(point) || isDirection(point);
    }

    private static Fault kindOf(int point) {
        if (isLineBreak(point)) {
            return Fault.LINE_BREAK;
        }
        return isDirection(point) ? Fault.DIRECTION : Fault.CONTROL;
    }

    private static boolean isLineBreak(int point) {
        return point == '\n' || point == '\r' || point == '\t' || point == 0x2028 || point == 0x2029;
    }

    private static boolean isControl(int point) {
        boolean noCharacter = (point & 0xFFFE) == 0xFFFE || point >= 0xFDD0 && point <= 0xFDEF;
        return Character.isISOControl(point) || Character.getType(point) == Character.SURROGATE || noCharacter;
    }

    private static boolean isDirection(int point) {
        return point >= 0x202A && point <= 0x202E || point >= 0x2066 && point <= 0x2069;
    }
}
