package org.civitane.core.casefile;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The name of a case file's field where it cannot be the component's own, such as {@code for} or {@code class}. */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface WrittenAs {
    String value();
}
