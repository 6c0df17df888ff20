package wrenlane.server.exchange.records;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;

/** All SQL about everything that is kept of one rider, in whatever table. */
@Mapper
interface RecordsMapper {
    RecordCounts kept(long riderId);

    List<RecordsFile.DayRecord> days(long riderId);

    List<RecordsFile.MasteryRecord> drills(long riderId);

    List<RecordsFile.OpinionRecord> opinions(long riderId);

    List<RecordsFile.PracticeRecord> practice(long riderId);

    /** What is deleted is written over in the file, from now on. */
    String writeOver();

    /** Runs of others that correct one of theirs stand for themselves. */
    void letGoOfCorrections(long riderId);

    void deleteRuns(long riderId);

    void takeOffDays(long riderId);

    void deleteRider(long riderId);
}
