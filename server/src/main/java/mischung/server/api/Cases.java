package mischung.server.api;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import mischung.consultation.PatchTest;
import mischung.said.RefusedInput;
import mischung.server.store.CaseStore;
import mischung.server.store.Visit;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Evidence;
import org.springframework.stereotype.Component;

/** Cases between the store, which keeps documents, and the screens, which speak of heads. */
@Component
class Cases {
    private final CaseStore store;
    private final CaseFormat format;
    private final Shelves shelves;
    private final Learning learning;

    Cases(CaseStore store, CaseFormat format, Shelves shelves, Learning learning) {
        this.learning = learning;
        this.store = store;
        this.format = format;
        this.shelves = shelves;
    }

    /** A case with its numbers, as it is kept and in the core's own types. */
    record Stored(long id, long version, long clientId, CaseFile file, CheckedCase checked) {
        /** As it would be with other content. */
        Stored with(CaseFile other, CheckedCase checkedOther) {
            return new Stored(id, version, clientId, other, checkedOther);
        }
    }

    Stored get(long id) {
        return store.find(id).map(this::stored).orElseThrow(() -> Refusal.noSuchCase(id));
    }

    List<Stored> ofClient(long clientId) {
        return store.documentsOf(clientId).stream().map(this::stored).toList();
    }

    private Stored stored(Visit.Numbered kept) {
        CaseFile file = format.read(kept.visit().content(), kept.visit().contentVersion())
                .named(kept.visit().clientName());
        return new Stored(kept.id(), kept.version(), kept.clientId(), file, file.checked(shelves));
    }

    /** @throws RefusedInput naming the first field that cannot be, as all that takes a file in */
    Stored addWithClient(CaseFile file) {
        CheckedCase checked = file.checked(shelves);
        return stored(store.addWithClient(visit(file, checked)), file, checked);
    }

    /** @param key asked for again under it, it is the case that was made */
    Stored add(long clientId, CaseFile file, String key) {
        CheckedCase checked = file.checked(shelves);
        return stored(store.add(clientId, visit(file, checked), key), file, checked);
    }

    /** @param checked of {@code file}, so that it need not be checked again */
    Optional<Stored> replace(long id, long version, CaseFile file, CheckedCase checked, String key) {
        return store.replace(id, version, visit(file, checked), key).map(this::stored);
    }

    /** As it is by now, but so far. */
    Stored status(Stored of, CaseFile.Status to) {
        CaseFile file = of.file.withStatus(to);
        if (!store.status(of.id, of.version, visit(file, file.checked(shelves)))) {
            return status(get(of.id), to);
        }
        return get(of.id);
    }

    private static Stored stored(Visit.Numbered kept, CaseFile file, CheckedCase checked) {
        return new Stored(kept.id(), kept.version(), kept.clientId(), file.named(checked.clientName()), checked);
    }

    private Visit visit(CaseFile file, CheckedCase checked) {
        PatchTest patch = checked.consultation().patchTest();
        Optional<LocalDate> patchToRead = patch.result() == PatchTest.Result.NOT_READ
                ? patch.readableFrom().map(ZonedDateTime::toLocalDate)
                : Optional.empty();
        Optional<LocalDate> upkeep = file.status() == CaseFile.Status.DONE
                ? Optional.of(checked.consultation().comesAgain(file.date()))
                : Optional.empty();
        return new Visit(
                checked.clientName(),
                file.date(),
                file.startTime(),
                file.minutes(),
                file.chair(),
                file.status().name(),
                file.wish().level(),
                file.wish().main().tones().name(),
                patchToRead,
                upkeep,
                CaseFormat.VERSION,
                format.written(file.named(checked.clientName())));
    }

    /** What the house's heads have in common, and this client's earlier visits and accepted strand tests have taught. */
    Calibration calibration(Stored of) {
        return learned(earlier(of), of.file);
    }

    /** What was known of the client before this case. */
    Calibration earlier(Stored of) {
        Calibration known = learning.house(of.clientId).newClient();
        for (Evidence visit : learning.before(of.clientId, of.id, of.file.date())) {
            known = known.with(visit);
        }
        for (Visit.Numbered other : store.documentsOf(of.clientId)) {
            LocalDate day = other.visit().day();
            if (day.isBefore(of.file.date()) || (day.equals(of.file.date()) && other.id() < of.id)) {
                known = learned(
                        known,
                        format.read(other.visit().content(), other.visit().contentVersion()));
            }
        }
        return known;
    }

    private static Calibration learned(Calibration before, CaseFile file) {
        Calibration known = before;
        for (StrandTestView test : file.strandTests()) {
            if (test.accepted()) {
                known = known.learn(test.asSeen(file.thickness(), file.grown())).takenIn();
            }
        }
        return known;
    }
}
