package rustictangle.server.frame;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** The one SQLite file. See docs/decisions/0001-sqlite-settings.md. */
@Configuration
class Database {

    private static final Logger LOG = LoggerFactory.getLogger("rustictangle");
    private static final int CONNECTIONS = 4;
    private static final int WAIT_FOR_WRITER_MS = 5000;

    @Bean(destroyMethod = "close")
    DataFileLock dataFileLock(Settings settings) throws IOException {
        Path file = settings.dataFile();
        Files.createDirectories(file.getParent());
        DataFileLock lock = DataFileLock.on(file);
        if (settings.backupToRestore().isPresent()) {
            Restore.from(settings.backupToRestore().get(), file);
            LOG.info("Restored from {}; what was there before is kept beside it", settings.backupToRestore().get());
        }
        return lock;
    }

    @Bean(destroyMethod = "close")
    DataSource dataSource(DataFileLock lock) {
        LOG.info("Data is kept in {}", lock.file());
        HikariConfig pool = new HikariConfig();
        pool.setDataSource(file(lock));
        pool.setMaximumPoolSize(CONNECTIONS);
        return new HikariDataSource(pool);
    }

    @Bean(destroyMethod = "close")
    DataVersion dataVersion(DataFileLock lock) throws SQLException {
        return new DataVersion(file(lock));
    }

    private static SQLiteDataSource file(DataFileLock lock) {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setBusyTimeout(WAIT_FOR_WRITER_MS);
        // Only writes open transactions here, so each takes the writer's place at once or waits for it.
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        SQLiteDataSource sqlite = new SQLiteDataSource(config);
        sqlite.setUrl("jdbc:sqlite:" + lock.file());
        return sqlite;
    }
}
