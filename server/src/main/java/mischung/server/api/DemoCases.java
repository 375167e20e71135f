package mischung.server.api;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import mischung.server.Settings;
import mischung.server.store.CaseStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The made-up demonstration cases, ordinary exported files; an empty database is filled with them, if asked to. */
@Component
class DemoCases implements SmartInitializingSingleton {
    private static final Logger LOG = LoggerFactory.getLogger(DemoCases.class);

    private static final Pattern DAY = Pattern.compile("\\d{4}-\\d{2}-\\d{2}");
    private static final Pattern MOMENT = Pattern.compile("\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}");

    private final Settings settings;
    private final CaseStore store;
    private final Cases cases;
    private final CaseFormat format;
    private final JsonMapper json;
    private final Clock clock;
    private final Shelves shelves;

    DemoCases(
            Settings settings,
            CaseStore store,
            Cases cases,
            CaseFormat format,
            JsonMapper json,
            Clock clock,
            Shelves shelves) {
        this.shelves = shelves;
        this.settings = settings;
        this.store = store;
        this.cases = cases;
        this.format = format;
        this.json = json;
        this.clock = clock;
    }

    /** Before the first request is answered. */
    @Override
    public void afterSingletonsInstantiated() {
        shelves.deriveAgain();
        shelves.fillIfEmpty(settings.demo());
        if (!settings.demo() || !store.newest(1).isEmpty()) {
            return;
        }
        List<CaseFile> demo = settings.demoToday() ? moved(all()) : all();
        demo.forEach(cases::addWithClient);
        LOG.info("{} demonstration cases added", demo.size());
    }

    /** Every day in them later by the same number of days, so that the first case is on today's page. */
    private List<CaseFile> moved(List<CaseFile> cases) {
        long days = ChronoUnit.DAYS.between(cases.get(0).date(), LocalDate.now(clock));
        return cases.stream()
                .map(one -> json.treeToValue(moved(json.valueToTree(one), days), CaseFile.class))
                .toList();
    }

    private JsonNode moved(JsonNode node, long days) {
        if (node instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                object.set(name, moved(object.path(name), days));
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, moved(array.path(i), days));
            }
        } else if (node.isString() && MOMENT.matcher(node.asString()).matches()) {
            return json.getNodeFactory()
                    .stringNode(
                            LocalDateTime.parse(node.asString()).plusDays(days).toString());
        } else if (node.isString() && DAY.matcher(node.asString()).matches()) {
            return json.getNodeFactory()
                    .stringNode(LocalDate.parse(node.asString()).plusDays(days).toString());
        }
        return node;
    }

    /** As they ship, whatever has been read on them since. */
    List<CaseFile> all() {
        try {
            List<CaseFile> all = new ArrayList<>();
            for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
                try (InputStream in = file.getInputStream()) {
                    all.add(format.read(json.readValue(in, CaseFormat.ImportedCase.class)));
                }
            }
            return all;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
