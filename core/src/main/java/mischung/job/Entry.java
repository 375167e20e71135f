package mischung.job;

import java.time.Instant;

/**
 * An event with its time and its hand.
 *
 * @param number in the order they were told, from 1
 * @param hand whose; up to 40 characters
 */
public record Entry(long number, Instant at, String hand, Event event) {}
