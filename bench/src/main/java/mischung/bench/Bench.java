package mischung.bench;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks and prints each figure with its ratio to a baseline of the same run. */
public final class Bench {
    private Bench() {}

    /** @param arguments names of benchmark classes; none for all */
    public static void main(String[] arguments) throws RunnerException {
        OptionsBuilder options = new OptionsBuilder();
        if (arguments.length == 0) {
            options.include("mischung.bench");
        }
        for (String name : arguments) {
            options.include(name);
        }
        Collection<RunResult> results = new Runner(options.build()).run();
        System.out.println();
        for (RunResult result : results) {
            double score = result.getPrimaryResult().getScore();
            String school = result.getParams().getParam("school");
            System.out.println(String.format(
                    Locale.ROOT,
                    "%-36s %-9s %10.3f %s  %8.2f x %s",
                    label(result),
                    school == null ? "" : school,
                    score,
                    result.getPrimaryResult().getScoreUnit(),
                    score / baseline(results, result),
                    baselineName(results, result)));
        }
    }

    /** The baseline of the same class whose name ends like the benchmark's begins; the class's only one otherwise. */
    private static List<RunResult> baselines(Collection<RunResult> results, RunResult of) {
        List<RunResult> ofClass = results.stream()
                .filter(r -> className(r).equals(className(of)))
                .filter(r -> label(r).startsWith("baseline"))
                .toList();
        List<RunResult> named = ofClass.stream()
                .filter(r -> label(r).toLowerCase(Locale.ROOT)
                        .startsWith("baseline" + label(of).toLowerCase(Locale.ROOT)))
                .toList();
        if (label(of).startsWith("baseline")) {
            return List.of(of);
        }
        return named.isEmpty() ? ofClass : named;
    }

    private static double baseline(Collection<RunResult> results, RunResult of) {
        return baselines(results, of).stream()
                .mapToDouble(r -> r.getPrimaryResult().getScore())
                .average()
                .orElseThrow();
    }

    private static String baselineName(Collection<RunResult> results, RunResult of) {
        return label(baselines(results, of).get(0));
    }

    private static String label(RunResult result) {
        return result.getPrimaryResult().getLabel();
    }

    private static String className(RunResult result) {
        String whole = result.getParams().getBenchmark();
        return whole.substring(0, whole.lastIndexOf('.'));
    }
}
