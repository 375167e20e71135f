package mischung.server.api;

import mischung.server.store.Shredder;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;

/** The answer to an erasing: done, or erased from the records and about to leave the disk as soon as nobody reads there. */
final class Erased {
    private Erased() {}

    static ResponseEntity<Void> answer(Shredder shredder) {
        return ResponseEntity.status(shredder.cutTheLog() ? HttpStatus.NO_CONTENT : HttpStatus.ACCEPTED)
                .build();
    }
}
