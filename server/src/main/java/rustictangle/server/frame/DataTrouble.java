package rustictangle.server.frame;

import java.sql.SQLException;
import org.springframework.dao.DataAccessException;

/** The data file did not do what was asked of it. */
class DataTrouble extends DataAccessException {

    private static final long serialVersionUID = 1L;

    DataTrouble(SQLException cause) {
        super("the data file: " + cause.getMessage(), cause);
    }
}
