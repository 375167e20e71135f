package mischung.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import mischung.server.words.Catalogue;
import mischung.server.words.Language;
import mischung.server.words.ProblemMessage;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.LocaleResolver;
import tools.jackson.databind.json.JsonMapper;

/** Problem documents before a request has come to anybody who could answer it, in the language of whoever asked. */
@Component
public class ProblemAnswers {
    private final LocaleResolver languages;
    private final JsonMapper json;

    public ProblemAnswers(LocaleResolver languages, JsonMapper json) {
        this.languages = languages;
        this.json = json;
    }

    public Catalogue words(HttpServletRequest request) {
        return Catalogue.of(Language.of(languages.resolveLocale(request)));
    }

    public void refuse(
            HttpServletRequest request,
            HttpServletResponse response,
            HttpStatus status,
            ProblemMessage title,
            String field,
            ProblemMessage remedy)
            throws IOException {
        Catalogue words = words(request);
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(
                response.getOutputStream(), Problem.of(status.value(), words.say(title), field, "", words.say(remedy)));
    }
}
