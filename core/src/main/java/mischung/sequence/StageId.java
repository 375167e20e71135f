package mischung.sequence;

/**
 * Names a stage: what is on the head from one rinse to the next.
 *
 * @param plan 0 for the plan a job began by, one more for every other that was said yes to since
 * @param visit 1 for today
 * @param number counted through all visits of its plan, from 0
 */
public record StageId(int plan, int visit, int number) {
    /** As it is shown to machines; nothing is read out of it. */
    String text() {
        return (plan > 0 ? "r" + plan + "." : "") + visit + "/" + number;
    }
}
