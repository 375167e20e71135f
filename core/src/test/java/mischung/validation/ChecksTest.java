package mischung.validation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.DynamicTest.dynamicTest;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import mischung.said.Heard;
import mischung.said.Said;
import mischung.said.Unit;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The same list the application shows. */
class ChecksTest {
    private static final List<Check> ALL = Checks.all();

    @TestFactory
    Stream<DynamicTest> everyCheckPasses() {
        return ALL.stream()
                .map(check -> dynamicTest(
                        check.rule() + ": " + Heard.text(check.says()),
                        () -> assertThat(check.passes())
                                .as("%s, computed %s", Heard.text(check.expected()), check.computed())
                                .isTrue()));
    }

    /** The rules of the trade that speak of what the model computes; each is checked or said to be left out. */
    private static final String ASKED =
            "R1 R2 R3 R4 R5 R6 R7 R8 R9 R15 R16 R17 R18 R19 R20 R21 R22 R23 R30 R31 R32 R33 R34"
                    + " R35 R36 R37 R38 R39 R42 R44 R45 R50 R51 R52 R53 R54 R55 R56 R57 R58 R60 R61 R62 R63 R72";

    @Test
    void everyRuleIsCheckedOrSaidToBeLeftOut() {
        Set<String> told = new TreeSet<>(ALL.stream().map(Check::rule).toList());
        told.addAll(Checks.notModelled());
        assertThat(told).contains(ASKED.split(" ", -1));
    }

    /** A check that cannot fail is none: each has a bound, and outside of it is refused. */
    @Test
    void everyCheckCanFail() {
        for (Check check : ALL) {
            assertThat(Double.isInfinite(check.from()) && Double.isInfinite(check.to()))
                    .as(Heard.text(check.says()))
                    .isFalse();
            double beyond = Double.isInfinite(check.to()) ? check.from() - 1 : check.to() + 1;
            assertThat(with(check, beyond).passes()).isFalse();
            assertThat(with(check, Double.NaN).passes()).as("NaN is no result").isFalse();
        }
    }

    private static Check with(Check check, double computed) {
        return new Check(
                check.rule(),
                check.says(),
                check.basis(),
                check.source(),
                check.unit(),
                check.from(),
                check.to(),
                computed);
    }

    @ParameterizedTest
    @CsvSource({
        "2, 3, 2.3, 'BETWEEN{from=2, to=3, unit=unit.TIMES}', 2.30",
        "-Infinity, 5e-5, 0.0000496, 'AT_MOST{to=0.00005, unit=unit.TIMES}', 0.00005",
        "0.5, Infinity, 123.4, 'AT_LEAST{from=0.50, unit=unit.TIMES}', 123",
        "15, 15, 15, 'JUST{unit=unit.TIMES, value=15}', 15"
    })
    void figuresAreSpokenPlainly(double from, double to, double computed, String expected, String found) {
        Said says = CheckMessage.BLACK.alone();
        Check check = new Check("R0", says, Check.Basis.OWN_CLAIM, "", Unit.TIMES, from, to, computed);
        assertThat(Heard.text(check.expected())).isEqualTo("expected." + expected);
        assertThat(Heard.figure(check.found(), "value")).isEqualTo(found);
    }
}
