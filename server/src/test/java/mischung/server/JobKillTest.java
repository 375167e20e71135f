package mischung.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.concurrent.locks.LockSupport;
import mischung.server.store.JobStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * A process that tells one entry after another is killed (SIGKILL) at moments drawn by lot: every entry it had acknowledged is
 * there, in one unbroken row, and the file is whole. {@code bin/kills} does so 500 times.
 */
class JobKillTest {
    private static final int KILLS = 8;
    private static final int MOST_ENTRIES = 120;

    /** Tells entries until it dies; a number on its output is an acknowledged entry. */
    static final class Teller {
        private Teller() {}

        public static void main(String[] arguments) {
            Settings settings = new Settings(Path.of(arguments[0]), false, false, "simulated", "simulated", 1, "");
            JobStore store = new JobStore(JdbcClient.create(new DataFolder().dataSource(settings)));
            for (int i = 0; i < 100_000; i++) {
                long number = store.append(1, Instant.now(), "Ada", "Said", "{\"words\":\"entry " + i + "\"}");
                System.out.println(number);
                System.out.flush();
            }
        }
    }

    /** What a run came to. */
    private record Result(int kills, long entries, int lost) {}

    @Test
    void noAcknowledgedEntryIsLost(@TempDir Path data) throws Exception {
        Result result = killed(data, KILLS);
        assertThat(result.lost()).isZero();
        assertThat(result.entries()).isGreaterThan(KILLS);
    }

    public static void main(String[] arguments) throws Exception {
        Path data = Files.createTempDirectory("mischung-kills");
        Result result = killed(data, Integer.parseInt(arguments[0]));
        System.out.printf(
                "%d kills, %d entries acknowledged before them, %d lost%n",
                result.kills(), result.entries(), result.lost());
    }

    private static Result killed(Path data, int kills) throws Exception {
        try (Started app = new Started(data, true)) {
            assertThat(app.get("/api/cases/1/job").status()).isEqualTo(200);
        }
        Random lot = new Random(20_261_125);
        long before = 0;
        int lost = 0;
        for (int kill = 0; kill < kills; kill++) {
            long acknowledged = tellUntilKilled(data, 1 + lot.nextInt(MOST_ENTRIES), lot.nextInt(3_000_000), before);
            long kept = kept(data);
            lost += kept < acknowledged ? 1 : 0;
            // One may have been stored without its answer having come.
            assertThat(kept).as("kill %d", kill).isBetween(acknowledged, acknowledged + 1);
            before = kept;
        }
        return new Result(kills, before, lost);
    }

    /** @return the last number that was told whole */
    private static long tellUntilKilled(Path data, int entries, int nanos, long before)
            throws IOException, InterruptedException {
        // Into a file: a killed process's pipe is closed with what was still in it.
        Path told = data.resolve("told.txt");
        Process teller = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Teller.class.getName(),
                        data.toString())
                .redirectOutput(told.toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        while (numbers(told).size() < entries && teller.isAlive()) {
            LockSupport.parkNanos(500_000);
        }
        long until = System.nanoTime() + nanos;
        while (System.nanoTime() < until) {
            Thread.onSpinWait();
        }
        teller.destroyForcibly().waitFor();
        List<Long> all = numbers(told);
        assertThat(all).as("it told something before it was killed").isNotEmpty();
        assertThat(all.get(0)).isEqualTo(before + 1);
        return all.get(all.size() - 1);
    }

    /** Of whole lines; whatever else a library says on the output is no entry. */
    private static List<Long> numbers(Path told) throws IOException {
        String text = Files.readString(told);
        return text.substring(0, text.lastIndexOf('\n') + 1)
                .lines()
                .filter(line -> line.matches("\\d+"))
                .map(Long::parseLong)
                .toList();
    }

    /** The last entry that is there; all before it are, too, and the file is whole. */
    private static long kept(Path data) throws SQLException {
        try (Connection file = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(DataFolder.FILE));
                Statement sql = file.createStatement()) {
            try (ResultSet whole = sql.executeQuery("pragma quick_check")) {
                assertThat(whole.getString(1)).isEqualTo("ok");
            }
            try (ResultSet row = sql.executeQuery("select count(*), max(number) from job_entry where visit_id = 1")) {
                assertThat(row.getLong(1)).isEqualTo(row.getLong(2));
                return row.getLong(2);
            }
        }
    }
}
