package rustictangle.server.frame;

import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** What may be wrong with the data file, told from what SQLite says. */
enum Trouble {
    BUSY(HttpStatus.SERVICE_UNAVAILABLE, "something else is writing to it just now"),
    FULL(HttpStatus.INSUFFICIENT_STORAGE, "there is no room left on the disk"),
    UNWRITABLE(HttpStatus.SERVICE_UNAVAILABLE, "its folder or the disk cannot be read or written just now"),
    DAMAGED(HttpStatus.INTERNAL_SERVER_ERROR, "it is damaged"),
    /** Nothing about the file: a defect of ours. */
    OURS(HttpStatus.INTERNAL_SERVER_ERROR, "it did not take what was to be stored");

    private final HttpStatus status;
    private final String words;

    Trouble(HttpStatus status, String words) {
        this.status = status;
        this.words = words;
    }

    HttpStatus status() {
        return status;
    }

    /** To follow on "the data file cannot be used:". */
    String words() {
        return words;
    }

    static Trouble of(Throwable thrown) {
        for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
            // As Linux, the BSDs and Windows say it.
            if (cause instanceof IOException
                    && String.valueOf(cause.getMessage())
                            .matches("(?i).*(no space left|not enough space|quota exceeded).*")) {
                return FULL;
            }
            if (cause instanceof SQLiteException sqlite) {
                // Extended codes carry the one they belong to in their lowest byte.
                return switch (SQLiteErrorCode.getErrorCode(sqlite.getResultCode().code & 0xff)) {
                    case SQLITE_BUSY, SQLITE_LOCKED -> BUSY;
                    case SQLITE_FULL -> FULL;
                    case SQLITE_READONLY, SQLITE_IOERR, SQLITE_CANTOPEN, SQLITE_PERM -> UNWRITABLE;
                    case SQLITE_CORRUPT, SQLITE_NOTADB -> DAMAGED;
                    default -> OURS;
                };
            }
        }
        return OURS;
    }
}
