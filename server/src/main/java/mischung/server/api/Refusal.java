package mischung.server.api;

import mischung.said.Said;
import mischung.server.words.Catalogue;
import mischung.server.words.ProblemMessage;
import org.springframework.http.HttpStatus;

/** A request that cannot be answered as asked, with the problem document that says why. */
final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final transient Said title;
    private final String field;
    private final String value;
    private final transient Said remedy;

    Refusal(HttpStatus status, Said title, String field, String value, Said remedy) {
        super(title.message().key() + " " + value);
        this.status = status;
        this.title = title;
        this.field = field;
        this.value = value;
        this.remedy = remedy;
    }

    Refusal(HttpStatus status, ProblemMessage title, String field, String value, Said remedy) {
        this(status, title.alone(), field, value, remedy);
    }

    Refusal(HttpStatus status, ProblemMessage title, String field, Object value, ProblemMessage remedy) {
        this(status, title.alone(), field, String.valueOf(value), remedy.alone());
    }

    /** In the language of whoever asked. */
    Problem problem() {
        Catalogue words = Catalogue.spoken();
        return Problem.of(status.value(), words.say(title), field, value, words.say(remedy));
    }

    static Refusal noSuchCase(long id) {
        return new Refusal(HttpStatus.NOT_FOUND, ProblemMessage.NO_CASE, "id", id, ProblemMessage.BACK_TO_THE_LIST);
    }
}
