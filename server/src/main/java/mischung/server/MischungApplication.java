package mischung.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import mischung.said.RefusedInput;
import mischung.said.Unit;
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
        try {
            StartFault.refuseUnknown(arguments);
            SpringApplication.run(MischungApplication.class, arguments);
        } catch (RuntimeException | Error fault) {
            if (StartFault.endsOnPurpose(fault)) {
                throw fault;
            }
            System.err.println(StartFault.words(fault));
            System.exit(1);
        }
    }

    @Bean
    SteadyClock clock(Settings settings) {
        Clock computer = Clock.system(ZoneId.systemDefault());
        Clock real = settings.start().isEmpty()
                ? computer
                : Clock.offset(computer, Duration.between(computer.instant(), Instant.parse(settings.start())));
        double hasten = RefusedInput.within("mischung.hasten", settings.hasten(), 1, FASTEST, Unit.NONE);
        Instant from = settings.hastenFrom().isEmpty() ? real.instant() : Instant.parse(settings.hastenFrom());
        Clock shown = hasten == 1 ? real : new HastenedClock(real, from, hasten);
        return new SteadyClock(shown, System::nanoTime, hasten);
    }
}
