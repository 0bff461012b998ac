package org.civitane.server.identity;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whom people can call instead.
 *
 * @param hours when, in words
 */
@Component
record Office(
        @Value("${civitane.office.telephone}") String telephone,
        @Value("${civitane.office.hours}") String hours) {}
