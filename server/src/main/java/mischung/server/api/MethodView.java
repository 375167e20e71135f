package mischung.server.api;

import mischung.school.Between;
import mischung.school.FillerOn;
import mischung.school.Hold;
import mischung.school.Method;
import mischung.school.Pace;
import mischung.school.Pull;
import mischung.school.Rinse;
import mischung.school.School;
import mischung.school.Start;
import mischung.school.TakeOut;

/** The schools a case is worked by. */
public record MethodView(
        School filler,
        Rinse rinse,
        FillerOn fillerOn,
        Hold hold,
        TakeOut takeOut,
        Pull pull,
        Between between,
        Start start,
        Pace pace) {
    static MethodView of(Method m) {
        return new MethodView(
                m.filler(), m.rinse(), m.fillerOn(), m.hold(), m.takeOut(), m.pull(), m.between(), m.start(), m.pace());
    }

    Method checked() {
        return new Method(filler, rinse, fillerOn, hold, takeOut, pull, between, start, pace);
    }
}
