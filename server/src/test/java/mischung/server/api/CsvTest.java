package mischung.server.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringWriter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTest {
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+49", "-2", "@SUM(A1)", "\tx", "plain", "'quoted", ""})
    void aCellIsNoFormulaAndReadsBackAsItWas(String cell) throws IOException {
        assertThat(Csv.read(Csv.safe(cell))).isEqualTo(cell);
        assertThat(Csv.safe(cell)).doesNotStartWith("=").doesNotStartWith("+").doesNotStartWith("@");
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            Csv.print(csv, cell, -2.5);
        }
        assertThat(text.toString().strip()).as("figures stay figures").endsWith("-2.5");
    }
}
