package org.civitane.core.question;

/**
 * Facts that can be painted on a calendar as well as typed: a span of days, or single days within it.
 *
 * @param chapter in which they are asked
 * @param from the fact that is the first day
 * @param to the fact that is the last day
 * @param rows the fact that has a line for each single day, painted where it is asked; they are painted in place of
 *     the span then, which stretches to hold them
 * @param day the part of a line that is its day
 * @param hours the part of a line that takes hours
 * @param schedule the record of the usual hours, by the number of the weekday from Monday, which single days take over
 */
public record PaintedDays(
        String chapter, String from, String to, String rows, String day, String hours, String schedule) {}
