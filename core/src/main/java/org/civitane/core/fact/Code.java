package org.civitane.core.fact;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Says that a text of a case record is the number of something, in letters and digits, such as that of a document. Rules
 * read whatever stands there; people can write nothing else.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Code {
    /** How many signs it has at most. */
    int longest();
}
