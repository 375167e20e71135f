package mischung.server.api;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import mischung.caution.Cautions;
import mischung.caution.TakenOn;
import mischung.consult.Consultation;
import mischung.hair.Head;
import mischung.history.History;
import mischung.plan.School;
import mischung.plan.Wish;

/** A case in the core's own types: everything in it can be. */
record CheckedCase(
        String clientName,
        LocalDate date,
        LocalTime startTime,
        Head head,
        Wish wish,
        School school,
        Consultation consultation,
        History history,
        List<StrandTestView> strandTests,
        List<TakenOn> takenOn) {

    Cautions cautions() {
        return Cautions.forClient(consultation, history, date);
    }
}
