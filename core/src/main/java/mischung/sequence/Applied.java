package mischung.sequence;

import java.util.List;
import mischung.said.Said;
import mischung.sequence.ProductUse.Unit;

/** One product that goes on in one stage, from one bowl or from none. */
sealed interface Applied permits ProductUse, LiftLay {
    /** A bowl is laid well before its life ends: by this share of it. */
    double WELL_BEFORE = 0.7;

    /** Its name; empty where nothing is mixed. */
    String bowl();

    /** "bowl A on the lengths", "remover": what its tasks are named by in people's databases, so it stays as it is. */
    String name();

    /** The same, as it is said. */
    Said what();

    /** Minutes it is good for once mixed. */
    int bowlLife();

    /** To lay it on these stretches, in minutes of one pair of hands. */
    double minutesOn(List<Unit> units);

    boolean lifts();

    default boolean mixed() {
        return !bowl().isEmpty();
    }
}
