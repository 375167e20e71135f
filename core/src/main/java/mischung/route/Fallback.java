package mischung.route;

import java.util.List;
import mischung.said.Said;

/**
 * What is done if a check shows otherwise than predicted, thought through beforehand.
 *
 * @param letter B, C
 * @param when what the check shows
 * @param then what to do
 * @param comesTo where that leads, by the model
 */
public record Fallback(String letter, Said when, List<Said> then, Said comesTo) {}
