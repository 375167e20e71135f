package mischung.server.api;

import io.swagger.v3.oas.annotations.Operation;
import mischung.server.words.Language;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.CookieLocaleResolver;

/** What language answers are given in: the device's own by its cookie, else the house's. What the browser would like counts nothing. */
@RestController
class LanguageController {
    /** Set by the pages where somebody chose a language for this device. */
    static final String COOKIE = "language";

    private final HouseSettings settings;

    LanguageController(HouseSettings settings) {
        this.settings = settings;
    }

    /** What a screen has to know before it says anything. */
    record LanguageView(Language house) {}

    @GetMapping(path = "/api/language", produces = MediaType.APPLICATION_JSON_VALUE)
    @Operation(operationId = "language", summary = "The house's language")
    LanguageView language() {
        return new LanguageView(settings.now().language());
    }

    @Configuration
    static class Spoken {
        @Bean
        LocaleResolver localeResolver(HouseSettings settings) {
            CookieLocaleResolver resolver = new CookieLocaleResolver(COOKIE);
            resolver.setDefaultLocaleFunction(
                    request -> settings.now().language().locale());
            // A cookie nobody understands is no reason not to answer.
            resolver.setRejectInvalidCookies(false);
            return resolver;
        }
    }
}
