package wrenlane.server.exchange.records;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about everything that is kept of one rider, in whatever table. */
@Mapper
interface RecordsMapper {
    KeptRecords kept(long riderId);

    List<RecordsFile.OfDay> days(long riderId);

    List<RecordsFile.Shown> drills(long riderId);

    List<RecordsFile.Held> opinions(long riderId);

    List<RecordsFile.Practised> practice(long riderId);

    /** What is deleted is written over in the file, from now on. */
    String writeOver();

    /** Runs of others that correct one of theirs stand for themselves. */
    void letGoOfCorrections(long riderId);

    void deleteRuns(long riderId);

    void takeOffDays(long riderId);

    void deleteRider(long riderId);
}
