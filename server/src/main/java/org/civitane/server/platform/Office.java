package org.civitane.server.platform;

import com.fasterxml.jackson.annotation.JsonIgnore;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whom people can call instead.
 *
 * @param hours when, in words
 * @param address where people reach this installation: the beginning of links that are sent to them
 */
@Component
public record Office(
        @Value("${civitane.office.telephone}") String telephone,
        @Value("${civitane.office.hours}") String hours,
        @Value("${civitane.address}") @JsonIgnore String address) {}
