package mischung.server.api;

import java.time.Duration;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import mischung.said.RefusedInput;
import mischung.server.access.People;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * How something was sent, by its headers.
 *
 * @param key ({@value #KEY}, as in the IETF's draft "The Idempotency-Key HTTP Header Field") told again under it, nothing is
 *     done again, and the answer is like the first; empty: none
 * @param last ({@value #LAST}, RFC 9110, 13.1.1) number of the last entry the screen showed; what was pressed on an older
 *     picture is refused; empty: not said
 * @param ago ({@value #AGO}, in seconds) how long before it was told, where the program could not be reached then
 * @param person who sits at the screen it came from; empty: people do not say so here
 */
record Sent(String key, OptionalLong last, Duration ago, Optional<String> person) {
    static final String KEY = "Idempotency-Key";
    static final String LAST = "If-Match";
    static final String AGO = "Told-Ago";

    /** A tablet is not away for longer than that within one visit. */
    private static final int LONGEST_AGO = 12 * 3600;

    /**
     * Who did it.
     *
     * @param hand as it was typed; it counts only where nobody sits by name
     */
    String by(String hand) {
        return person.orElse(hand);
    }

    private static Sent of(@Nullable String key, @Nullable String last, @Nullable String ago, Optional<String> person) {
        String entry = Objects.requireNonNullElse(last, "").replace("\"", "");
        try {
            return new Sent(
                    Objects.requireNonNullElse(key, ""),
                    entry.isEmpty() ? OptionalLong.empty() : OptionalLong.of(Long.parseLong(entry)),
                    ago(Objects.requireNonNullElse(ago, "0")),
                    person);
        } catch (NumberFormatException wrong) {
            throw new RefusedInput(LAST, entry, ProblemMessage.LAST_ENTRY);
        }
    }

    private static Duration ago(String seconds) {
        long told = seconds.matches("[0-9]{1,9}") ? Long.parseLong(seconds) : -1;
        if (told < 0 || told > LONGEST_AGO) {
            throw new RefusedInput(
                    AGO,
                    seconds,
                    ProblemMessage.SECONDS_AGO.say().count("most", LONGEST_AGO).said());
        }
        return Duration.ofSeconds(told);
    }

    /** Lets operations ask for it by its type. */
    @Configuration
    static class Resolving implements WebMvcConfigurer, HandlerMethodArgumentResolver {
        @Override
        public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
            resolvers.add(this);
        }

        @Override
        public boolean supportsParameter(MethodParameter parameter) {
            return parameter.getParameterType() == Sent.class;
        }

        @Override
        public Sent resolveArgument(
                MethodParameter parameter,
                @Nullable ModelAndViewContainer container,
                NativeWebRequest request,
                @Nullable WebDataBinderFactory factory) {
            Object sits = request.getAttribute(Doorkeeper.PERSON, RequestAttributes.SCOPE_REQUEST);
            return Sent.of(
                    request.getHeader(KEY),
                    request.getHeader(LAST),
                    request.getHeader(AGO),
                    sits instanceof People.Person one ? Optional.of(one.name()) : Optional.empty());
        }
    }
}
