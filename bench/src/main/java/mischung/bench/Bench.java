package mischung.bench;

import java.util.Collection;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks and prints each figure with its ratio to the baseline of the same run. */
public final class Bench {
    private Bench() {}

    public static void main(String[] arguments) throws RunnerException {
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(PlanBenchmark.class.getSimpleName())
                        .build())
                .run();
        double baseline = results.stream()
                .filter(r -> r.getPrimaryResult().getLabel().startsWith("baseline"))
                .mapToDouble(r -> r.getPrimaryResult().getScore())
                .average()
                .orElseThrow();
        System.out.println();
        for (RunResult result : results) {
            double score = result.getPrimaryResult().getScore();
            System.out.println(String.format(
                    Locale.ROOT,
                    "%-28s %-9s %9.3f ms  %8.1f x baseline",
                    result.getPrimaryResult().getLabel(),
                    result.getParams().getParam("school"),
                    score,
                    score / baseline));
        }
    }
}
