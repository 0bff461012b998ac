package org.civitane.core.fact;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Says whose word a component of a case record is; without it, the applicant's. What is within it is theirs as well. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface WordOf {
    SaidBy value();
}
