package wrenlane.server.storage;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Opens the data file, and what reads and writes it. */
@Configuration
class StorageConfig {
    /** Reads at once; chosen by us: more than there are cores only wait for one another. */
    private static final int READERS = 6;

    @Bean
    DataFile dataFile(@Value("${wren.data}") String folder, Clock clock) {
        return Opening.open(Path.of(folder), clock);
    }

    /** Connections that can only read. */
    @Bean
    HikariDataSource readers(DataFile data) {
        HikariConfig config = new HikariConfig();
        config.setPoolName("readers");
        config.setJdbcUrl(DataFile.url(data.path(), true));
        config.setConnectionInitSql("PRAGMA query_only = true");
        config.setMaximumPoolSize(READERS);
        config.setMinimumIdle(1);
        return new HikariDataSource(config);
    }

    @Bean
    Writer writer(DataFile data) {
        return new Writer(data);
    }

    @Bean
    SqliteTransactions transactions(HikariDataSource readers, Writer writer) {
        return new SqliteTransactions(readers, writer);
    }

    @Bean
    FileState fileState(DataFile data) throws SQLException {
        return FileState.of(data);
    }

    @Bean
    Storage storage(SqliteTransactions transactions, FileState state) {
        return new Storage(transactions, state);
    }
}
