package org.civitane.core.fact;

import java.util.List;

/** What a fact looks like, whichever it is: enough to ask for it, read it, word it and compare it. */
public sealed interface Shape {
    /** Words or a code, as they are. @param lines whether people write more than one line */
    record Text(boolean lines) implements Shape {}

    /** The number of something, such as of a document: letters of a to z, of either case, and digits. @param longest how many at most */
    record Code(int longest) implements Shape {
        private static final int LAST_PLAIN = 128;

        /** Whether a text can be one. */
        public boolean fits(String text) {
            return text.length() <= longest
                    && text.chars().allMatch(sign -> sign < LAST_PLAIN && Character.isLetterOrDigit(sign));
        }
    }

    /** Money with two decimals. @param mayBeNegative whether it may lie below 0 */
    record Amount(boolean mayBeNegative) implements Shape {}

    /** A whole number. */
    record Count() implements Shape {}

    /** A number with at most two decimals, such as hours. */
    record Decimal() implements Shape {}

    record Day() implements Shape {}

    record Month() implements Shape {}

    record Quarter() implements Shape {}

    /** A unit group of ISCO-08, by its code. */
    record Occupation() implements Shape {}

    record Moment() implements Shape {}

    record YesNo() implements Shape {}

    /** One of some codes. */
    record Choice(List<String> of) implements Shape {
        public Choice {
            of = List.copyOf(of);
        }
    }

    /** Facts that belong together and stand below this one. */
    record Group(List<FactSpec> parts) implements Shape {
        public Group {
            parts = List.copyOf(parts);
        }
    }

    /** Any number of values of one shape, in their order. */
    record Several(Shape each) implements Shape {}

    /** One value for each weekday, by the keys 1 to 7. */
    record ByWeekday(Shape each) implements Shape {}

    /** Something that is carried along and that no rule reads. */
    record Unread() implements Shape {}
}
