package mischung.server.api;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import mischung.RefusedInput;
import mischung.consult.PatchTest;
import mischung.doubt.Calibration;
import mischung.server.store.CaseStore;
import mischung.server.store.Visit;
import org.springframework.stereotype.Component;

/** Cases between the store, which keeps documents, and the screens, which speak of heads. */
@Component
class Cases {
    /** Commonly; the product's instructions win. */
    private static final int PATCH_READ_AFTER_DAYS = 2;

    /** R71: where the client said nothing else, gloss in four to six weeks. */
    private static final int USUAL_UPKEEP_WEEKS = 5;

    private final CaseStore store;
    private final CaseFormat format;

    Cases(CaseStore store, CaseFormat format) {
        this.store = store;
        this.format = format;
    }

    /** A case with its numbers. */
    record Stored(long id, long version, long clientId, CaseFile file) {
        CheckedCase checked() {
            return file.checked();
        }
    }

    Stored get(long id) {
        return store.find(id).map(this::stored).orElseThrow(() -> Refusal.noSuchCase(id));
    }

    List<Stored> ofClient(long clientId) {
        return store.documentsOf(clientId).stream().map(this::stored).toList();
    }

    private Stored stored(Visit.Numbered kept) {
        CaseFile file = format.read(kept.visit().content(), kept.visit().contentVersion());
        return new Stored(
                kept.id(),
                kept.version(),
                kept.clientId(),
                file.named(kept.visit().clientName()));
    }

    Stored addWithClient(CaseFile file) {
        return stored(store.addWithClient(visit(file)));
    }

    Stored add(long clientId, CaseFile file) {
        return stored(store.add(clientId, visit(file)));
    }

    Optional<Stored> replace(long id, long version, CaseFile file) {
        return store.replace(id, version, visit(file)).map(this::stored);
    }

    private Visit visit(CaseFile file) {
        CheckedCase checked = file.checked();
        PatchTest patch = checked.consultation().patchTest();
        Optional<LocalDate> patchToRead = patch.result() == PatchTest.Result.NOT_READ
                ? patch.placed().map(day -> day.plusDays(PATCH_READ_AFTER_DAYS))
                : Optional.empty();
        double weeks = checked.consultation().upkeepWeeks();
        Optional<LocalDate> upkeep = file.status() == CaseFile.Status.DONE
                ? Optional.of(file.date().plusDays(Math.round(7 * (weeks > 0 ? weeks : USUAL_UPKEEP_WEEKS))))
                : Optional.empty();
        return new Visit(
                checked.clientName(),
                file.date(),
                file.startTime(),
                file.minutes(),
                file.chair(),
                file.status().name(),
                file.wish().level(),
                file.wish().tone().name(),
                patchToRead,
                upkeep,
                CaseFormat.VERSION,
                format.written(file.named(checked.clientName())));
    }

    /** What the accepted strand tests of this client's earlier cases and of this one have taught. */
    Calibration calibration(Stored of) {
        Calibration known = earlier(of);
        for (StrandTestView test : of.file.strandTests()) {
            if (test.accepted()) {
                known = known.learn(test.asSeen(of.file.thickness())).takenIn();
            }
        }
        return known;
    }

    /** What was known of the client before this case. */
    Calibration earlier(Stored of) {
        Calibration known = Calibration.none();
        for (Stored other : ofClient(of.clientId)) {
            boolean before = other.file.date().isBefore(of.file.date())
                    || (other.file.date().equals(of.file.date()) && other.id < of.id);
            if (before) {
                for (StrandTestView test : other.file.strandTests()) {
                    if (test.accepted()) {
                        known = known.learn(test.asSeen(other.file.thickness())).takenIn();
                    }
                }
            }
        }
        return known;
    }

    static RefusedInput inContent(RefusedInput refused) {
        return refused.at("content");
    }
}
