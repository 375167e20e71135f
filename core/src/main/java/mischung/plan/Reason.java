package mischung.plan;

/**
 * Why something stands in the plan.
 *
 * @param sentence what the rule means here, with the figures of this head
 */
public record Reason(Rule rule, String sentence) {}
