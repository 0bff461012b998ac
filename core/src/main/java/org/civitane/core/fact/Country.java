package org.civitane.core.fact;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Says that a text of a case record is a country, by its code of ISO 3166-1. Rules read whatever stands there; people
 * choose one.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Country {
    /** All codes, in their order. */
    List<String> CODES = Arrays.stream(Locale.getISOCountries()).sorted().toList();
}
