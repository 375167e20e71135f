package mischung.server.api;

import java.io.IOException;
import java.io.InputStream;
import mischung.server.Settings;
import mischung.server.store.CaseStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Fills an empty database with the made-up demonstration cases, if asked to. They are ordinary exported files. */
@Component
class DemoCases implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoCases.class);

    private final Settings settings;
    private final CaseStore store;
    private final JsonMapper json;

    DemoCases(Settings settings, CaseStore store, JsonMapper json) {
        this.settings = settings;
        this.store = store;
        this.json = json;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (!settings.demo() || !store.newest(1).isEmpty()) {
            return;
        }
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json");
        for (Resource file : files) {
            try (InputStream in = file.getInputStream()) {
                store.add(CaseController.contentOf(json.readValue(in, CaseController.ExportedCase.class)));
            }
        }
        LOG.info("{} demonstration cases added", files.length);
    }
}
