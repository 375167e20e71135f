package mischung.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/** The same list the application shows. */
class ChecksTest {
    private static final List<Check> ALL = Checks.all();

    @TestFactory
    Stream<DynamicTest> everyCheckPasses() {
        return ALL.stream()
                .map(check -> dynamicTest(
                        check.rule() + ": " + check.says(),
                        () -> assertThat(check.passes())
                                .as("expected %s, found %s (%s)", check.expected(), check.found(), check.computed())
                                .isTrue()));
    }
}
