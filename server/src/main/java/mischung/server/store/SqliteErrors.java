package mischung.server.store;

import java.sql.SQLException;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.SQLExceptionTranslator;

/** SQLite's error codes (sqlite.org, Result and Error Codes) as Spring's exceptions; Spring has no table for them. */
@Configuration
public class SqliteErrors implements SQLExceptionTranslator {
    private static final int PRIMARY = 0xff;

    @Bean
    JdbcClient jdbcClient(DataSource dataSource) {
        JdbcTemplate template = new JdbcTemplate(dataSource);
        template.setExceptionTranslator(this);
        return JdbcClient.create(template);
    }

    /** What the database says is behind something that went wrong; in general terms where it says nothing. */
    public static DataAccessException of(Throwable fault) {
        for (Throwable here = fault; here != null; here = here.getCause()) {
            if (here instanceof SQLException said) {
                return new SqliteErrors().translate("transaction", null, said);
            }
        }
        return new DataAccessResourceFailureException("The database does not answer", fault);
    }

    @Override
    public DataAccessException translate(String task, @Nullable String sql, SQLException e) {
        return switch (e.getErrorCode() & PRIMARY) {
            case 5, 6 -> new CannotAcquireLockException("The database is busy", e);
            case 8, 10, 11, 13, 14, 26 -> new DataAccessResourceFailureException("The database file cannot be used", e);
            case 19 -> new DataIntegrityViolationException("The database refused the row", e);
            default -> new UncategorizedSQLException(task, sql, e);
        };
    }
}
