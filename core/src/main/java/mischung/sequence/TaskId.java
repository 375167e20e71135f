package mischung.sequence;

/**
 * Names one thing of the work, the same in the order, on the mixing card, at the chair and in the log.
 *
 * @param stage it belongs to
 * @param name unlike that of anything else of this pass in its stage
 * @param pass which laying of the same product into the same hair it is, begins or times, 1 and more; 0 for what lays nothing
 */
public record TaskId(StageId stage, String name, int pass) {
    /** By which presses and looks name it; nothing is read out of it. */
    public String text() {
        return stage.text() + " " + name + (pass > 0 ? " " + pass : "");
    }

    /** The same thing, ordered anew by a later plan. */
    TaskId in(int plan) {
        return new TaskId(new StageId(plan, stage.visit(), stage.number()), name, pass);
    }
}
