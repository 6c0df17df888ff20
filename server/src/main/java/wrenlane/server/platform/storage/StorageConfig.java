package wrenlane.server.platform.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.AbstractDataSource;

/** Opens the data file, and what reads and writes it. */
@Configuration
class StorageConfig {
    /** Reads at once; chosen by us: more than there are cores only wait for one another. */
    private static final int READERS = 6;

    @Bean
    DataFile dataFile(@Value("${wren.data}") String folder, Clock clock) {
        return DataFileOpener.open(Path.of(folder), clock);
    }

    /** Connections that can only read. */
    @Bean
    HikariDataSource readers(DataFile data, FileGuard guard) {
        HikariConfig config = new HikariConfig();
        config.setPoolName("readers");
        config.setDataSource(new GuardedSource(data, guard));
        config.setConnectionInitSql("PRAGMA query_only = true");
        config.setMaximumPoolSize(READERS);
        config.setMinimumIdle(1);
        return new HikariDataSource(config);
    }

    /** Opens the file as long as it is the one there was at the start. */
    private static final class GuardedSource extends AbstractDataSource {
        private final DataFile data;
        private final FileGuard guard;

        GuardedSource(DataFile data, FileGuard guard) {
            this.data = data;
            this.guard = guard;
        }

        @Override
        public Connection getConnection() throws SQLException {
            guard.checkFile();
            return data.open();
        }

        @Override
        public Connection getConnection(String user, String password) throws SQLException {
            return getConnection();
        }
    }

    @Bean
    FileGuard fileGuard(DataFile data) {
        return new FileGuard(data);
    }

    @Bean
    Writer writer(DataFile data, FileGuard guard) {
        return new Writer(data, guard);
    }

    @Bean
    SqliteTransactions transactions(HikariDataSource readers, Writer writer, FileGuard guard) {
        return new SqliteTransactions(readers, writer, guard);
    }

    @Bean
    FileState fileState(DataFile data) throws SQLException {
        return FileState.of(data);
    }

    @Bean
    Storage storage(SqliteTransactions transactions, FileState state, NumberingMapper numbering) {
        return new Storage(transactions, state, numbering);
    }
}
