package mischung.server.api;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import mischung.said.RefusalMessage;
import mischung.said.RefusedInput;
import mischung.said.Said;
import mischung.server.BodyTooLarge;
import mischung.server.photo.Picture;
import mischung.server.store.SqliteErrors;
import mischung.server.words.ProblemMessage;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** Turns everything that goes wrong into a problem document. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    /** Who asked has gone: there is nobody to answer, and nothing is wrong here. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void nobodyThere() {
        // Nothing can be written any more.
    }

    @ExceptionHandler
    ResponseEntity<Problem> refused(RefusedInput refused) {
        return answer(new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        ProblemMessage.CANNOT_BE,
                        refused.field(),
                        refused.value(),
                        refused.remedy())
                .problem());
    }

    @ExceptionHandler
    ResponseEntity<Problem> refused(Refusal refusal) {
        return answer(refusal.problem());
    }

    @ExceptionHandler
    ResponseEntity<Problem> notReadable(HttpMessageNotReadableException e) {
        BodyTooLarge tooLarge = cause(e, BodyTooLarge.class);
        if (tooLarge != null) {
            return answer(tooLarge(tooLarge.limitBytes()));
        }
        StreamReadException broken = cause(e, StreamReadException.class);
        if (broken != null) {
            var at = broken.getLocation();
            return answer(new Refusal(
                            HttpStatus.BAD_REQUEST,
                            ProblemMessage.NOT_JSON,
                            "",
                            "",
                            ProblemMessage.BREAKS_OFF
                                    .say()
                                    .count("line", at.getLineNr())
                                    .count("column", at.getColumnNr())
                                    .said())
                    .problem());
        }
        JacksonException wrong = cause(e, JacksonException.class);
        if (wrong != null) {
            return answer(wrongField(wrong));
        }
        return answer(said(HttpStatus.BAD_REQUEST, ProblemMessage.NOTHING_SENT, "", "", ProblemMessage.SEND_JSON));
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrong(JacksonException e) {
        return answer(wrongField(e));
    }

    private static <T extends Throwable> @Nullable T cause(Throwable outer, Class<T> wanted) {
        for (Throwable cause = outer; cause != null; cause = cause.getCause()) {
            if (wanted.isInstance(cause)) {
                return wanted.cast(cause);
            }
        }
        return null;
    }

    private static Problem wrongField(JacksonException e) {
        String message = Objects.toString(e.getOriginalMessage());
        String value = "";
        Said remedy = ProblemMessage.OTHER_KIND.alone();
        if (e instanceof UnrecognizedPropertyException unknown) {
            value = unknown.getPropertyName();
            remedy = ProblemMessage.NO_SUCH_FIELD
                    .say()
                    .typed("known", known(unknown))
                    .said();
        } else if (e instanceof InvalidFormatException invalid) {
            value = shortened(Objects.toString(invalid.getValue()));
            remedy = expected(invalid.getTargetType());
        } else if (message.startsWith("Missing")) {
            remedy = ProblemMessage.MISSING_FIELD.alone();
        } else if (message.startsWith("Null value")) {
            value = "null";
            remedy = ProblemMessage.NOT_EMPTY.alone();
        } else if (message.startsWith("Cannot coerce") && e instanceof MismatchedInputException mismatched) {
            // Words that should be a figure stand in quotation marks; a figure that should be words lacks them.
            remedy = (mismatched.getTargetType() == String.class
                            ? ProblemMessage.GIVE_OTHER
                            : ProblemMessage.WITHOUT_QUOTES)
                    .alone();
        }
        return new Refusal(HttpStatus.BAD_REQUEST, ProblemMessage.CANNOT_BE, path(e.getPath()), value, remedy)
                .problem();
    }

    private static String known(UnrecognizedPropertyException unknown) {
        var ids = unknown.getKnownPropertyIds();
        return ids == null
                ? "–"
                : String.join(", ", ids.stream().map(Object::toString).sorted().toList());
    }

    private static Said expected(@Nullable Class<?> type) {
        if (type == null) {
            return ProblemMessage.GIVE_OTHER.alone();
        }
        if (type.isEnum()) {
            List<String> names =
                    Arrays.stream(type.getEnumConstants()).map(String::valueOf).toList();
            return RefusalMessage.ONE_OF
                    .say()
                    .typed("all", String.join(", ", names))
                    .said();
        }
        return switch (type.getSimpleName()) {
            case "double", "Double", "long", "Long", "int", "Integer" -> ProblemMessage.GIVE_NUMBER.alone();
            case "LocalDate" -> ProblemMessage.GIVE_DAY.alone();
            case "LocalTime" -> ProblemMessage.GIVE_TIME.alone();
            default -> ProblemMessage.GIVE_OTHER.alone();
        };
    }

    private static String path(List<JacksonException.Reference> references) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference reference : references) {
            if (reference.getPropertyName() == null) {
                path.append('[').append(reference.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(reference.getPropertyName());
            }
        }
        return path.toString();
    }

    @ExceptionHandler
    ResponseEntity<Problem> wrongParameter(MethodArgumentTypeMismatchException e) {
        return answer(new Refusal(
                        HttpStatus.BAD_REQUEST,
                        ProblemMessage.CANNOT_BE,
                        e.getName(),
                        shortened(Objects.toString(e.getValue())),
                        expected(e.getRequiredType()))
                .problem());
    }

    @ExceptionHandler
    ResponseEntity<Problem> nothingThere(NoResourceFoundException e) {
        return answer(said(
                HttpStatus.NOT_FOUND,
                ProblemMessage.NOTHING_THERE,
                "path",
                shortened("/" + e.getResourcePath()),
                ProblemMessage.CHECK_ADDRESS));
    }

    @ExceptionHandler
    ResponseEntity<Problem> busy(CannotAcquireLockException e) {
        return answer(said(HttpStatus.SERVICE_UNAVAILABLE, ProblemMessage.BUSY, "", "", ProblemMessage.IN_A_MOMENT));
    }

    @ExceptionHandler
    ResponseEntity<Problem> gone(DataIntegrityViolationException e) {
        return answer(said(HttpStatus.CONFLICT, ProblemMessage.GONE, "", "", ProblemMessage.ERASED_MEANWHILE));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unusable(DataAccessResourceFailureException e) {
        LOG.error("The database file cannot be used", e);
        return answer(
                said(HttpStatus.INSUFFICIENT_STORAGE, ProblemMessage.NOT_SAVED, "", "", ProblemMessage.MAKE_ROOM));
    }

    /** A transaction that could not begin or end: what the database says of it counts. */
    @ExceptionHandler
    ResponseEntity<Problem> notDone(TransactionException e) {
        DataAccessException why = SqliteErrors.of(e);
        if (why instanceof CannotAcquireLockException busy) {
            return busy(busy);
        }
        return unusable(new DataAccessResourceFailureException("The transaction could not be done", e));
    }

    @ExceptionHandler
    ResponseEntity<Problem> other(Exception e) {
        if (e instanceof ErrorResponse known) {
            HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
            return answer(said(status, ProblemMessage.CANNOT_BE, "", "", ProblemMessage.CHECK_SENT));
        }
        LOG.error("Unforeseen", e);
        return answer(
                said(HttpStatus.INTERNAL_SERVER_ERROR, ProblemMessage.PROGRAM_FAULT, "", "", ProblemMessage.REPORT_IT));
    }

    static Problem tooLarge(long limitBytes) {
        ProblemMessage remedy =
                limitBytes == Picture.MOST_BYTES ? ProblemMessage.PHOTO_MEGABYTES : ProblemMessage.CASE_MEGABYTES;
        return new Refusal(
                        HttpStatus.CONTENT_TOO_LARGE,
                        ProblemMessage.FILE_TOO_LARGE,
                        "",
                        "",
                        remedy.say()
                                .count("most", (double) limitBytes / (1024 * 1024))
                                .said())
                .problem();
    }

    private static Problem said(
            HttpStatus status, ProblemMessage title, String field, String value, ProblemMessage remedy) {
        return new Refusal(status, title, field, value, remedy).problem();
    }

    private static String shortened(String text) {
        return text.length() > 120 ? text.substring(0, 119) + "…" : text;
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }
}
