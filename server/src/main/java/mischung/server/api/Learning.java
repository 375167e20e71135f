package mischung.server.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mischung.server.store.PastStore;
import mischung.uncertainty.Calibration;
import mischung.uncertainty.Clientele;
import mischung.uncertainty.Evidence;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What visits have taught of a client's hair, and of what the heads of this house have in common. */
@Component
class Learning {
    private final PastStore store;
    private final JsonMapper json;

    Learning(PastStore store, JsonMapper json) {
        this.store = store;
        this.json = json;
    }

    void taught(long visit, Evidence evidence) {
        store.learned(visit, json.writeValueAsString(evidence));
    }

    /** What other clients of the house have in common. */
    Clientele house(long client) {
        Map<Long, Calibration> clients = new HashMap<>();
        for (PastStore.Learned one : store.learnedOfOthers(client)) {
            clients.put(
                    one.client(),
                    clients.getOrDefault(one.client(), Calibration.none()).with(evidence(one)));
        }
        return Clientele.of(clients.values().stream()
                .map(known -> known.since(Calibration.none()))
                .toList());
    }

    /** What this client's visits before a day have taught; other visits of the same day by their numbers. */
    List<Evidence> before(long client, long visit, LocalDate day) {
        List<Evidence> all = new ArrayList<>();
        for (PastStore.Learned one : store.learnedOf(client)) {
            if (one.day().isBefore(day) || (one.day().equals(day) && one.visit() < visit)) {
                all.add(evidence(one));
            }
        }
        return all;
    }

    /** What every visit of this client has taught. */
    List<Evidence> ofClient(long client) {
        return store.learnedOf(client).stream().map(this::evidence).toList();
    }

    private Evidence evidence(PastStore.Learned one) {
        JsonNode kept = json.readTree(one.evidence());
        FormerForms.ofEntry(kept);
        return json.treeToValue(kept, Evidence.class);
    }

    /** What this client's visits have taught so far does not count any more. */
    void forgetClient(long client) {
        store.forget("client:" + client);
    }

    void forgetHouse() {
        store.forget("house");
    }
}
