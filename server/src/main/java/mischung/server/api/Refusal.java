package mischung.server.api;

import org.springframework.http.HttpStatus;

/** A request that cannot be answered as asked, with the problem document that says why. */
final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Problem problem;

    Refusal(HttpStatus status, String title, String field, String value, String remedy) {
        super(title);
        this.problem = Problem.of(status.value(), title, field, value, remedy);
    }

    Problem problem() {
        return problem;
    }

    static Refusal noSuchCase(long id) {
        return new Refusal(
                HttpStatus.NOT_FOUND,
                "No such case",
                "id",
                Long.toString(id),
                "It may have been erased. Go back to the list of cases.");
    }
}
