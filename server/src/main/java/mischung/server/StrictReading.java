package mischung.server;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.beans.PropertyEditorSupport;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import mischung.server.api.ProblemAnswers;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/**
 * Requests say what they mean or are refused: no number for a word, no fraction for a whole number, no key twice, no null in a
 * list, no day of another millennium, no 0x1 for a number, no broken encoding.
 */
@Configuration
class StrictReading implements WebMvcConfigurer {
    private static final Pattern WHOLE = Pattern.compile("-?[0-9]{1,18}");
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("uuuu-MM-dd", Locale.ROOT).withResolverStyle(ResolverStyle.STRICT);
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2999;

    @Bean
    JsonMapperBuilderCustomizer strict() {
        SimpleModule days = new SimpleModule("days");
        days.addDeserializer(LocalDate.class, new Day());
        return json -> json.enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .withCoercionConfig(
                        LogicalType.Textual,
                        words -> words.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Float, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.Boolean, CoercionAction.Fail))
                .changeDefaultNullHandling(nulls -> JsonSetter.Value.construct(Nulls.DEFAULT, Nulls.FAIL))
                .addModule(days);
    }

    /** A day as 2026-11-23, of a year that people live in. */
    private static final class Day extends StdDeserializer<LocalDate> {
        Day() {
            super(LocalDate.class);
        }

        @Override
        public @Nullable LocalDate deserialize(JsonParser json, DeserializationContext context) {
            if (!json.hasToken(tools.jackson.core.JsonToken.VALUE_STRING)) {
                return (LocalDate) context.handleUnexpectedToken(LocalDate.class, json);
            }
            String text = json.getString();
            try {
                return day(text);
            } catch (RuntimeException wrong) {
                return (LocalDate) context.handleWeirdStringValue(LocalDate.class, text, "no day");
            }
        }
    }

    private static LocalDate day(String text) {
        LocalDate day = LocalDate.parse(text, DAY);
        if (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR) {
            throw new IllegalArgumentException("A day of another age: " + text);
        }
        return day;
    }

    /** What stands in addresses; Spring's own readers would take 0x1 for a number. */
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, LocalDate.class, StrictReading::day);
        registry.addConverter(String.class, LocalTime.class, LocalTime::parse);
    }

    /** Figures, by editors of their own: where a converter refuses Spring asks its own editors after it. */
    @ControllerAdvice
    static class Figures {
        @InitBinder
        void strict(WebDataBinder binder) {
            for (Class<?> type : List.of(long.class, Long.class)) {
                binder.registerCustomEditor(type, new Editor(text -> Long.valueOf(whole(text))));
            }
            for (Class<?> type : List.of(int.class, Integer.class)) {
                binder.registerCustomEditor(type, new Editor(text -> Integer.valueOf(whole(text))));
            }
            for (Class<?> type : List.of(double.class, Double.class)) {
                binder.registerCustomEditor(type, new Editor(StrictReading::figure));
            }
        }
    }

    private static final class Editor extends PropertyEditorSupport {
        private final Function<String, Object> reading;

        Editor(Function<String, Object> reading) {
            this.reading = reading;
        }

        @Override
        public void setAsText(String text) {
            setValue(reading.apply(text));
        }
    }

    private static String whole(String text) {
        if (!WHOLE.matcher(text).matches()) {
            throw new NumberFormatException("No whole number: " + text);
        }
        return text;
    }

    private static Double figure(String text) {
        if (!text.matches("-?[0-9]{1,15}(\\.[0-9]{1,15})?")) {
            throw new NumberFormatException("No number: " + text);
        }
        return Double.valueOf(text);
    }

    /** An address that is no text is no address. */
    @Component
    static class Encoding extends OncePerRequestFilter {
        private static final Pattern BROKEN = Pattern.compile("%(?![0-9A-Fa-f]{2})");

        private final ProblemAnswers answers;

        Encoding(@Lazy ProblemAnswers answers) {
            this.answers = answers;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String query = request.getQueryString() == null ? "" : request.getQueryString();
            if (readable(query)) {
                chain.doFilter(request, response);
            } else {
                answers.refuse(
                        request,
                        response,
                        HttpStatus.BAD_REQUEST,
                        ProblemMessage.CANNOT_BE,
                        "query",
                        ProblemMessage.QUERY_NOT_TEXT);
            }
        }

        private static boolean readable(String query) {
            if (BROKEN.matcher(query).find()) {
                return false;
            }
            byte[] bytes = URLDecoder.decode(query, StandardCharsets.ISO_8859_1).getBytes(StandardCharsets.ISO_8859_1);
            try {
                String text = StandardCharsets.UTF_8
                        .newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .decode(ByteBuffer.wrap(bytes))
                        .toString();
                return text.indexOf('\0') < 0;
            } catch (CharacterCodingException wrong) {
                return false;
            }
        }
    }
}
