package mischung.server.api;

import java.util.List;
import java.util.Objects;
import mischung.RefusedInput;
import mischung.server.BodyTooLarge;
import mischung.server.photo.Picture;
import mischung.server.store.SqliteErrors;
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
        return answer(Problem.of(
                HttpStatus.UNPROCESSABLE_CONTENT.value(),
                "This cannot be",
                refused.field(),
                refused.value(),
                refused.remedy()));
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
            return answer(Problem.of(
                    HttpStatus.BAD_REQUEST.value(),
                    "This is not a whole JSON text",
                    "",
                    "",
                    "It breaks off or goes wrong at line " + at.getLineNr() + ", column " + at.getColumnNr()
                            + ". Export the case again and send that file."));
        }
        JacksonException wrong = cause(e, JacksonException.class);
        if (wrong != null) {
            return answer(wrongField(wrong));
        }
        return answer(Problem.of(
                HttpStatus.BAD_REQUEST.value(), "Nothing was sent", "", "", "Send the case as JSON in the body."));
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
        String remedy = "Something of another kind is expected here. Look at an exported case.";
        if (e instanceof UnrecognizedPropertyException unknown) {
            value = unknown.getPropertyName();
            remedy = "There is no such field here. Known are: " + known(unknown) + ".";
        } else if (e instanceof InvalidFormatException invalid) {
            value = shortened(Objects.toString(invalid.getValue()));
            Class<?> wanted = invalid.getTargetType();
            remedy = wanted != null && wanted.isEnum()
                    ? "Give one of " + List.of(wanted.getEnumConstants()) + "."
                    : "Give " + spoken(wanted) + ".";
        } else if (message.startsWith("Missing")) {
            value = "nothing";
            remedy = "This field is missing. Look at an exported case for all fields.";
        } else if (message.startsWith("Null value")) {
            value = "null";
            remedy = "This field must not be empty.";
        } else if (message.startsWith("Cannot coerce") && e instanceof MismatchedInputException mismatched) {
            remedy = "Give " + spoken(mismatched.getTargetType()) + ", without quotation marks.";
        }
        return Problem.of(HttpStatus.BAD_REQUEST.value(), "This cannot be", path(e.getPath()), value, remedy);
    }

    private static String known(UnrecognizedPropertyException unknown) {
        var ids = unknown.getKnownPropertyIds();
        return ids == null
                ? "none"
                : String.join(", ", ids.stream().map(Object::toString).sorted().toList());
    }

    private static String spoken(@Nullable Class<?> type) {
        if (type == null) {
            return "a value of another kind";
        }
        return switch (type.getSimpleName()) {
            case "double", "Double", "long", "Long", "int", "Integer" -> "a plain number";
            case "LocalDate" -> "a day as 2026-11-23";
            case "LocalTime" -> "a time as 09:00";
            default -> "a value of another kind";
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
        Class<?> wanted = e.getRequiredType();
        return answer(Problem.of(
                HttpStatus.BAD_REQUEST.value(),
                "This cannot be",
                e.getName(),
                shortened(Objects.toString(e.getValue())),
                wanted != null && wanted.isEnum()
                        ? "Give one of " + List.of(wanted.getEnumConstants()) + "."
                        : "Give " + spoken(wanted) + "."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> nothingThere(NoResourceFoundException e) {
        return answer(Problem.of(
                HttpStatus.NOT_FOUND.value(),
                "Nothing is there",
                "path",
                shortened("/" + e.getResourcePath()),
                "Check the address; the API is described at /api/openapi."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> busy(CannotAcquireLockException e) {
        return answer(Problem.of(
                HttpStatus.SERVICE_UNAVAILABLE.value(), "The database is busy", "", "", "Try again in a moment."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> gone(DataIntegrityViolationException e) {
        return answer(Problem.of(
                HttpStatus.CONFLICT.value(),
                "It belongs to something that is no longer there",
                "",
                "",
                "The client or case may have been erased meanwhile. Open it again."));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unusable(DataAccessResourceFailureException e) {
        LOG.error("The database file cannot be used", e);
        return answer(
                Problem.of(
                        HttpStatus.INSUFFICIENT_STORAGE.value(),
                        "Nothing could be saved",
                        "",
                        "",
                        "The data folder is full, locked or damaged. What you see is not stored yet; make room and try again."));
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
            int status = known.getStatusCode().value();
            return answer(Problem.of(
                    status,
                    Objects.requireNonNullElse(known.getBody().getTitle(), "This cannot be"),
                    "",
                    "",
                    Objects.requireNonNullElse(known.getBody().getDetail(), "Check the address and what was sent.")));
        }
        LOG.error("Unforeseen", e);
        return answer(Problem.of(
                HttpStatus.INTERNAL_SERVER_ERROR.value(),
                "Something went wrong in the program",
                "",
                "",
                "Nothing was stored. Try again; if it happens again, report it with the log."));
    }

    static Problem tooLarge(long limitBytes) {
        return Problem.of(
                HttpStatus.CONTENT_TOO_LARGE.value(),
                "The file is too large",
                "",
                "",
                limitBytes == Picture.MOST_BYTES
                        ? "A photograph is at most 15 MB. Let the camera save it smaller."
                        : "A case is at most " + limitBytes / 1024 / 1024
                                + " MB. Choose a file exported by this program.");
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
