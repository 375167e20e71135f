package mischung.server;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import mischung.RefusedInput;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;

/** {@code java -jar mischung.jar --mischung.data=DIR [--mischung.port=8080] [--mischung.demo=true]}. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class MischungApplication {
    private static final double FASTEST = 600;

    public static void main(String[] arguments) {
        SpringApplication.run(MischungApplication.class, arguments);
    }

    @Bean
    Clock clock(Settings settings) {
        Clock real = Clock.system(ZoneId.systemDefault());
        double hasten = RefusedInput.within("hasten", settings.hasten(), 1, FASTEST, "");
        Instant from = settings.hastenFrom().isEmpty() ? real.instant() : Instant.parse(settings.hastenFrom());
        return hasten == 1 ? real : new HastenedClock(real, from, hasten);
    }
}
